<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Writes records as MODS 3.7: titles, names with their roles, origin, language, extent, subjects, notes, identifiers. A collection is
 * `head()`, the records, `foot()`.
 *
 * @see Metadata Object Description Schema, namespace http://www.loc.gov/mods/v3; MARC to MODS mapping
 */
final class ModsWriter implements RecordWriter
{
    private const NAMES = ['100' => 'personal', '110' => 'corporate', '111' => 'conference', '700' => 'personal', '710' => 'corporate', '711' => 'conference'];
    private const SUBJECTS = ['600' => 'name', '610' => 'name', '650' => 'topic', '651' => 'geographic', '653' => 'topic', '655' => 'genre'];
    private const DIVISIONS = ['x' => 'topic', 'y' => 'temporal', 'z' => 'geographic', 'v' => 'genre'];

    public function head(): string
    {
        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".'<modsCollection xmlns="http://www.loc.gov/mods/v3">'."\n";
    }

    public function foot(): string
    {
        return "</modsCollection>\n";
    }

    public function write(MarcRecord $record): string
    {
        $brief = BriefDescription::of($record);

        return '<mods xmlns="http://www.loc.gov/mods/v3" version="3.7">'."\n"
            .self::titles($record)
            .self::names($record)
            .self::element('typeOfResource', self::type($brief->format))
            .self::origin($record, $brief)
            .('' === $brief->language ? '' : '<language><languageTerm type="code" authority="iso639-2b">'.XmlText::of($brief->language)."</languageTerm></language>\n")
            .self::wrapped('physicalDescription', self::element('extent', $brief->extent))
            .self::each($record, ['520'], 'a', 'abstract')
            .self::each($record, ['505'], 'agrt', 'tableOfContents')
            .self::each($record, ['500', '504', '546', '586'], 'a', 'note')
            .self::subjects($record)
            .self::identifiers($record)
            .self::wrapped('recordInfo', self::element('recordIdentifier', $brief->controlNumber))
            ."</mods>\n";
    }

    private static function titles(MarcRecord $record): string
    {
        $xml = '';
        foreach ($record->data('245', '246') as $field) {
            $skip = '245' === $field->tag && ctype_digit($field->indicator2) ? (int) $field->indicator2 : 0;
            $title = $field->first('a') ?? '';
            $xml .= '<titleInfo'.('246' === $field->tag ? ' type="alternative"' : '').">\n"
                .self::element('nonSort', mb_substr($title, 0, $skip))
                .self::element('title', mb_substr($title, $skip))
                .self::element('subTitle', $field->first('b') ?? '')
                .self::element('partNumber', $field->first('n') ?? '')
                .self::element('partName', $field->first('p') ?? '')
                ."</titleInfo>\n";
        }

        return $xml;
    }

    private static function names(MarcRecord $record): string
    {
        $xml = '';
        foreach ($record->data(...array_map(strval(...), array_keys(self::NAMES))) as $field) {
            $xml .= '<name type="'.self::NAMES[$field->tag].'"'.('1' === $field->tag[0] ? ' usage="primary"' : '').'>'."\n"
                .self::element('namePart', $field->joined('abcq'))
                .('' === $field->joined('d') ? '' : '<namePart type="date">'.XmlText::of(BriefDescription::withoutClosing($field->joined('d')))."</namePart>\n");
            foreach ($field->all('e') as $role) {
                $xml .= '<role><roleTerm type="text">'.XmlText::of(BriefDescription::withoutClosing($role))."</roleTerm></role>\n";
            }
            $xml .= "</name>\n";
        }

        return $xml;
    }

    private static function origin(MarcRecord $record, BriefDescription $brief): string
    {
        $field = $record->firstData('264', '260');
        $place = BriefDescription::withoutClosing($field?->first('a') ?? '');

        return self::wrapped('originInfo', ('' === $place ? '' : '<place><placeTerm type="text">'.XmlText::of($place)."</placeTerm></place>\n")
            .self::element('publisher', $field?->first('b') ?? '')
            .self::element('dateIssued', $field?->first('c') ?? (string) ($brief->year ?? ''))
            .self::element('edition', $brief->edition));
    }

    private static function subjects(MarcRecord $record): string
    {
        $xml = '';
        foreach ($record->data(...array_map(strval(...), array_keys(self::SUBJECTS))) as $field) {
            $parts = '';
            $main = self::SUBJECTS[$field->tag];
            $heading = $field->joined('abcdqt');
            $parts .= 'name' === $main ? self::wrapped('name', self::element('namePart', $heading)) : self::element($main, $heading);
            foreach ($field->subfields as $subfield) {
                $parts .= isset(self::DIVISIONS[$subfield->code]) ? self::element(self::DIVISIONS[$subfield->code], $subfield->value) : '';
            }
            $xml .= self::wrapped('subject', $parts);
        }

        return $xml;
    }

    private static function identifiers(MarcRecord $record): string
    {
        $xml = '';
        foreach (['020' => 'isbn', '022' => 'issn', '856' => 'uri'] as $tag => $type) {
            foreach ($record->data((string) $tag) as $field) {
                $value = $field->first('856' === $field->tag ? 'u' : 'a') ?? '';
                $xml .= '' === $value ? '' : '<identifier type="'.$type.'">'.XmlText::of($value)."</identifier>\n";
            }
        }

        return $xml;
    }

    /** @param list<string> $tags */
    private static function each(MarcRecord $record, array $tags, string $codes, string $element): string
    {
        return implode('', array_map(static fn (DataField $field): string => self::element($element, $field->joined($codes), false), $record->data(...$tags)));
    }

    private static function element(string $name, string $text, bool $isShort = true): string
    {
        $text = $isShort ? BriefDescription::withoutClosing($text) : trim($text);

        return '' === $text ? '' : "<{$name}>".XmlText::of($text)."</{$name}>\n";
    }

    private static function wrapped(string $name, string $xml): string
    {
        return '' === $xml ? '' : "<{$name}>\n{$xml}</{$name}>\n";
    }

    /** @see MODS, values of typeOfResource */
    private static function type(Format $format): string
    {
        return match ($format) {
            Format::Score => 'notated music',
            Format::Sound => 'sound recording',
            Format::Film => 'moving image',
            Format::Map => 'cartographic',
            Format::Picture => 'still image',
            Format::Object => 'three dimensional object',
            Format::Kit, Format::Mixed => 'mixed material',
            Format::File => 'software, multimedia',
            default => 'text',
        };
    }
}
