<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake\Sheet;

use TinLantern\Catalogue\Intake\NotARecordFile;

/**
 * The rows of the first sheet of an Office Open XML workbook, as they are shown; read as a stream.
 *
 * @see ECMA-376, part 1, SpreadsheetML
 */
final readonly class XlsxRows
{
    private const DAY_ZERO = '1899-12-30';

    /** @return \Generator<int, list<string>> */
    public static function of(string $path): \Generator
    {
        $zip = 'zip://'.$path.'#';
        $texts = self::sharedTexts($zip.'xl/sharedStrings.xml');
        $dates = self::dateStyles($zip.'xl/styles.xml');
        $sheet = self::open($zip.'xl/worksheets/sheet1.xml') ?? throw new NotARecordFile('This workbook has no first sheet.');
        while ($sheet->read()) {
            if (\XMLReader::ELEMENT === $sheet->nodeType && 'row' === $sheet->localName) {
                $element = $sheet->expand();
                if ($element instanceof \DOMElement) {
                    yield self::cells($element, $texts, $dates);
                }
            }
        }
        $sheet->close();
    }

    /**
     * @param list<string>     $texts
     * @param array<int, true> $dates
     *
     * @return list<string>
     */
    private static function cells(\DOMElement $row, array $texts, array $dates): array
    {
        $cells = [];
        foreach ($row->getElementsByTagName('c') as $cell) {
            $column = self::column($cell->getAttribute('r')) ?? \count($cells);
            $value = $cell->getElementsByTagName('v')->item(0)->textContent ?? '';
            $text = match ($cell->getAttribute('t')) {
                's' => $texts[(int) $value] ?? '',
                'inlineStr' => $cell->getElementsByTagName('is')->item(0)->textContent ?? '',
                'b' => '1' === $value ? 'yes' : 'no',
                'str', 'e', 'd' => $value,
                default => isset($dates[(int) $cell->getAttribute('s')]) && is_numeric($value) ? self::day((float) $value) : self::number($value),
            };
            for ($gap = \count($cells); $gap < $column; ++$gap) {
                $cells[] = '';
            }
            $cells[$column] = $text;
        }

        return array_values($cells);
    }

    /** The place of a column from a reference as in AB12, from 0. */
    private static function column(string $reference): ?int
    {
        if (1 !== preg_match('/^([A-Z]{1,3})\d+$/', $reference, $letters)) {
            return null;
        }
        $column = 0;
        foreach (str_split($letters[1]) as $letter) {
            $column = 26 * $column + \ord($letter) - 64;
        }

        return $column - 1;
    }

    /** Thirteen digits of an ISBN come as 9.783000000010E+12. */
    private static function number(string $value): string
    {
        return 1 === preg_match('/^-?\d+(?:\.\d+)?E\+?\d+$/i', $value) ? rtrim(rtrim(\sprintf('%.4F', (float) $value), '0'), '.') : $value;
    }

    private static function day(float $serial): string
    {
        return (new \DateTimeImmutable(self::DAY_ZERO))->modify(\sprintf('+%d days', (int) $serial))->format('Y-m-d');
    }

    /** @return list<string> */
    private static function sharedTexts(string $file): array
    {
        $texts = [];
        $reader = self::open($file);
        while (true === $reader?->read()) {
            if (\XMLReader::ELEMENT === $reader->nodeType && 'si' === $reader->localName) {
                $element = $reader->expand();
                $text = '';
                foreach ($element instanceof \DOMElement ? $element->getElementsByTagName('t') : [] as $part) {
                    $text .= 'rPh' === $part->parentNode?->localName ? '' : $part->textContent;
                }
                $texts[] = $text;
            }
        }

        return $texts;
    }

    /** @return array<int, true> the styles that show a number as a date */
    private static function dateStyles(string $file): array
    {
        $styles = @file_get_contents($file);
        $document = new \DOMDocument();
        if (false === $styles || !$document->loadXML($styles, \LIBXML_NONET | \LIBXML_NOERROR)) {
            return [];
        }
        $own = [];
        foreach ($document->getElementsByTagName('numFmt') as $format) {
            $own[(int) $format->getAttribute('numFmtId')] = 1 === preg_match('/[ymd]/i', preg_replace('/"[^"]*"|\[[^\]]*\]/', '', $format->getAttribute('formatCode')) ?? '');
        }
        $dates = [];
        $index = 0;
        foreach ($document->getElementsByTagName('cellXfs')->item(0)->childNodes ?? [] as $style) {
            if ($style instanceof \DOMElement) {
                $format = (int) $style->getAttribute('numFmtId');
                if (($format >= 14 && $format <= 17) || 22 === $format || ($own[$format] ?? false)) {
                    $dates[$index] = true;
                }
                ++$index;
            }
        }

        return $dates;
    }

    private static function open(string $file): ?\XMLReader
    {
        $reader = @\XMLReader::open($file, null, \LIBXML_NONET | \LIBXML_NOERROR | \LIBXML_NOWARNING);

        return $reader instanceof \XMLReader ? $reader : null;
    }
}
