<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Writes records as simple Dublin Core: the fifteen elements in `oai_dc:dc`. A collection is `head()`, the records, `foot()`.
 *
 * @see Dublin Core Metadata Element Set 1.1; MARC to Dublin Core crosswalk (unqualified)
 */
final class DublinCoreWriter implements RecordWriter
{
    /** Element to pairs of tag pattern and subfield codes. */
    private const ELEMENTS = [
        'title' => [['245', 'abnp'], ['246', 'a']],
        'creator' => [['100', 'abcdq'], ['110', 'ab'], ['111', 'a']],
        'contributor' => [['700', 'abcdq'], ['710', 'ab'], ['711', 'a']],
        'subject' => [['6.0', 'abcdqtvxyz'], ['651', 'avxyz'], ['653', 'a'], ['050', 'ab'], ['082', 'a']],
        'description' => [['500', 'a'], ['504', 'a'], ['505', 'agrt'], ['520', 'a']],
        'publisher' => [['260', 'ab'], ['264', 'ab']],
        'format' => [['300', 'abc']],
        'identifier' => [['020', 'a'], ['022', 'a'], ['024', 'a'], ['856', 'u']],
        'relation' => [['490', 'av'], ['773', 'at'], ['776', 'at']],
        'coverage' => [['522', 'a'], ['752', 'abcd']],
        'rights' => [['506', 'a'], ['540', 'a']],
    ];

    public function head(): string
    {
        return '<?xml version="1.0" encoding="UTF-8"?>'."\n<records>\n";
    }

    public function foot(): string
    {
        return "</records>\n";
    }

    public function write(MarcRecord $record): string
    {
        $xml = '<oai_dc:dc xmlns:oai_dc="http://www.openarchives.org/OAI/2.0/oai_dc/" xmlns:dc="http://purl.org/dc/elements/1.1/">'."\n";
        foreach (self::ELEMENTS as $element => $places) {
            foreach ($places as [$pattern, $codes]) {
                foreach ($record->data($pattern) as $field) {
                    $xml .= self::element($element, BriefDescription::withoutClosing($field->joined($codes)));
                }
            }
        }
        $brief = BriefDescription::of($record);
        $xml .= self::element('date', (string) ($brief->year ?? ''));
        $xml .= self::element('language', $brief->language);
        $xml .= self::element('type', self::type($brief->format));

        return $xml."</oai_dc:dc>\n";
    }

    private static function element(string $name, string $text): string
    {
        return '' === $text ? '' : \sprintf("<dc:%s>%s</dc:%s>\n", $name, XmlText::of($text), $name);
    }

    /** @see DCMI Type Vocabulary */
    private static function type(Format $format): string
    {
        return match ($format) {
            Format::Sound => 'Sound',
            Format::Film => 'MovingImage',
            Format::Map, Format::Picture => 'StillImage',
            Format::Object => 'PhysicalObject',
            Format::Kit, Format::Mixed => 'Collection',
            Format::File => 'Dataset',
            default => 'Text',
        };
    }
}
