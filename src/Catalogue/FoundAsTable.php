<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

/**
 * All hits of a search as CSV, a line for each title.
 */
final readonly class FoundAsTable
{
    private const HEADINGS = ['number', 'title', 'author', 'edition', 'published', 'year', 'language', 'format', 'call number', 'items', 'items in'];

    public function __construct(private SearchRecords $search)
    {
    }

    /** @return \Generator<int, string> */
    public function __invoke(RecordQuery $query): \Generator
    {
        yield "\u{FEFF}".self::line(self::HEADINGS);
        foreach ($this->search->ids($query) as $ids) {
            foreach ($this->search->lines($ids) as $line) {
                yield self::line([
                    (string) $line->id,
                    $line->title,
                    $line->author,
                    $line->edition,
                    $line->published,
                    (string) $line->year,
                    $line->language,
                    $line->format,
                    $line->availability->callNumber,
                    (string) $line->availability->items,
                    (string) $line->availability->in,
                ]);
            }
        }
    }

    /** @param list<string> $cells */
    private static function line(array $cells): string
    {
        // A spreadsheet would take these for a formula.
        $cells = array_map(static fn (string $cell): string => 1 === preg_match('/^[=+@\t\r-]/', $cell) ? "'".$cell : $cell, $cells);

        return implode(',', array_map(static fn (string $cell): string => 1 === preg_match('/[",\r\n]/', $cell) ? '"'.str_replace('"', '""', $cell).'"' : $cell, $cells))."\r\n";
    }
}
