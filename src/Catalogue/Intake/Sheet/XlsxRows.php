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
    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
    private const DAY_ZERO = '1899-12-30';
    /** Workbooks of some machines count from here. */
    private const DAY_ZERO_OF_1904 = '1904-01-01';

    /** @return \Generator<int, list<string>> */
    public static function of(string $path): \Generator
    {
        $zip = 'zip://'.$path.'#';
        $texts = self::sharedTexts($zip.'xl/sharedStrings.xml');
        $dates = self::dateStyles($zip.'xl/styles.xml');
        [$first, $dayZero] = self::workbook($zip);
        $sheet = self::open($zip.$first) ?? throw new NotARecordFile('This workbook has no first sheet.');
        while ($sheet->read()) {
            if (\XMLReader::ELEMENT === $sheet->nodeType && 'row' === $sheet->localName) {
                $element = $sheet->expand();
                if ($element instanceof \DOMElement) {
                    yield self::cells($element, $texts, $dates, $dayZero);
                }
            }
        }
        $sheet->close();
    }

    /**
     * @param list<string>     $texts
     * @param array<int, true> $dates
     * @param string           $dayZero from which days are counted
     *
     * @return list<string>
     */
    private static function cells(\DOMElement $row, array $texts, array $dates, string $dayZero): array
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
                default => isset($dates[(int) $cell->getAttribute('s')]) && is_numeric($value) ? self::day((float) $value, $dayZero) : self::number($value),
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

    private static function day(float $serial, string $dayZero): string
    {
        return (new \DateTimeImmutable($dayZero))->modify(\sprintf('+%d days', (int) $serial))->format('Y-m-d');
    }

    /** @return array{string, string} the entry that holds the first sheet, and the day that dates are counted from */
    private static function workbook(string $zip): array
    {
        $book = self::document($zip.'xl/workbook.xml');
        $first = $book?->getElementsByTagName('sheet')->item(0)?->getAttributeNS(self::RELATIONS, 'id') ?? '';
        $is1904 = \in_array($book?->getElementsByTagName('workbookPr')->item(0)?->getAttribute('date1904'), ['1', 'true'], true);
        $entry = 'xl/worksheets/sheet1.xml';
        foreach (self::document($zip.'xl/_rels/workbook.xml.rels')?->getElementsByTagName('Relationship') ?? [] as $relation) {
            if ('' !== $first && $relation->getAttribute('Id') === $first) {
                $target = $relation->getAttribute('Target');
                $entry = str_starts_with($target, '/') ? substr($target, 1) : 'xl/'.$target;
            }
        }

        return [$entry, $is1904 ? self::DAY_ZERO_OF_1904 : self::DAY_ZERO];
    }

    private static function document(string $file): ?\DOMDocument
    {
        $xml = @file_get_contents($file);
        $document = new \DOMDocument();

        return \is_string($xml) && '' !== $xml && $document->loadXML($xml, \LIBXML_NONET | \LIBXML_NOERROR | \LIBXML_NOWARNING) ? $document : null;
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
        $document = self::document($file);
        if (null === $document) {
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
