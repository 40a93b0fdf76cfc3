<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake\Sheet;

use TinLantern\Catalogue\Intake\NotARecordFile;

/**
 * The rows of the first sheet of an OpenDocument spreadsheet, as they are shown; read as a stream.
 *
 * @see OASIS Open Document Format 1.3, part 3
 */
final readonly class OdsRows
{
    private const TABLE = 'urn:oasis:names:tc:opendocument:xmlns:table:1.0';
    private const OFFICE = 'urn:oasis:names:tc:opendocument:xmlns:office:1.0';
    /** A last cell or row that is repeated to the edge of the sheet is empty. */
    private const REPEATED_AT_MOST = 1000;

    /** @return \Generator<int, list<string>> */
    public static function of(string $path): \Generator
    {
        $reader = @\XMLReader::open('zip://'.$path.'#content.xml', null, \LIBXML_NONET | \LIBXML_NOERROR | \LIBXML_NOWARNING);
        if (!$reader instanceof \XMLReader) {
            throw new NotARecordFile('This spreadsheet has no content.');
        }
        while ($reader->read()) {
            if (\XMLReader::END_ELEMENT === $reader->nodeType && 'table' === $reader->localName && self::TABLE === $reader->namespaceURI) {
                break;
            }
            if (\XMLReader::ELEMENT === $reader->nodeType && 'table-row' === $reader->localName) {
                $row = $reader->expand();
                if ($row instanceof \DOMElement) {
                    $cells = self::cells($row);
                    $times = [] === $cells ? 1 : min(self::REPEATED_AT_MOST, max(1, (int) $row->getAttributeNS(self::TABLE, 'number-rows-repeated')));
                    for ($time = 0; $time < $times; ++$time) {
                        yield $cells;
                    }
                }
            }
        }
        $reader->close();
    }

    /** @return list<string> without the empty ones at the end */
    private static function cells(\DOMElement $row): array
    {
        $cells = [];
        foreach ($row->childNodes as $cell) {
            if ($cell instanceof \DOMElement && \in_array($cell->localName, ['table-cell', 'covered-table-cell'], true)) {
                $text = self::text($cell);
                $times = max(1, (int) $cell->getAttributeNS(self::TABLE, 'number-columns-repeated'));
                array_push($cells, ...array_fill(0, '' === $text ? min(self::REPEATED_AT_MOST, $times) : $times, $text));
            }
        }
        while ([] !== $cells && '' === $cells[\count($cells) - 1]) {
            array_pop($cells);
        }

        return $cells;
    }

    private static function text(\DOMElement $cell): string
    {
        $date = $cell->getAttributeNS(self::OFFICE, 'date-value');
        if ('' !== $date) {
            return substr($date, 0, 10);
        }
        if ('float' === $cell->getAttributeNS(self::OFFICE, 'value-type')) {
            return $cell->getAttributeNS(self::OFFICE, 'value');
        }
        $paragraphs = [];
        foreach ($cell->childNodes as $paragraph) {
            if ($paragraph instanceof \DOMElement && 'p' === $paragraph->localName) {
                $paragraphs[] = $paragraph->textContent;
            }
        }

        return implode("\n", $paragraphs);
    }
}
