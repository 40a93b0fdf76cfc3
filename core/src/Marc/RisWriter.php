<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Writes records as RIS, the tagged form that reference programs read.
 */
final class RisWriter implements RecordWriter
{
    public function head(): string
    {
        return '';
    }

    public function foot(): string
    {
        return '';
    }

    public function write(MarcRecord $record): string
    {
        $brief = BriefDescription::of($record);
        $publication = $record->firstData('264', '260');
        $lines = [['TY', self::type($brief->format)], ['TI', $brief->title]];
        foreach ($record->data('100', '110', '111') as $field) {
            $lines[] = ['AU', $field->joined('ab')];
        }
        foreach ($record->data('700', '710', '711') as $field) {
            $lines[] = ['A2', $field->joined('ab')];
        }
        $lines[] = ['PY', (string) ($brief->year ?? '')];
        $lines[] = ['CY', $publication?->first('a') ?? ''];
        $lines[] = ['PB', $publication?->first('b') ?? ''];
        $lines[] = ['ET', $brief->edition];
        $lines[] = ['SP', $record->firstData('300')?->first('a') ?? ''];
        $lines[] = ['T2', $record->firstData('490')?->first('a') ?? ''];
        foreach ($record->data('020', '022') as $field) {
            $lines[] = ['SN', $field->first('a') ?? ''];
        }
        foreach ($record->data('650', '651', '653') as $field) {
            $lines[] = ['KW', $field->joined('avxyz', ' - ')];
        }
        foreach ($record->data('520') as $field) {
            $lines[] = ['AB', $field->first('a') ?? ''];
        }
        foreach ($record->data('856') as $field) {
            $lines[] = ['UR', $field->first('u') ?? ''];
        }
        $lines[] = ['LA', $brief->language];
        $lines[] = ['ID', $brief->controlNumber];
        $ris = '';
        foreach ($lines as [$tag, $text]) {
            $text = BriefDescription::withoutClosing(preg_replace('/\s+/u', ' ', $text) ?? $text);
            $ris .= '' === $text ? '' : "{$tag}  - {$text}\r\n";
        }

        return $ris."ER  - \r\n\r\n";
    }

    private static function type(Format $format): string
    {
        return match ($format) {
            Format::Serial => 'SER',
            Format::Score => 'MUSIC',
            Format::Sound => 'SOUND',
            Format::Film => 'VIDEO',
            Format::Map => 'MAP',
            Format::Picture => 'ART',
            Format::File => 'DATA',
            Format::Book => 'BOOK',
            default => 'GEN',
        };
    }
}
