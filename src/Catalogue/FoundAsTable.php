<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Core\Tabular\CsvLine;

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
        yield "\u{FEFF}".CsvLine::write(self::HEADINGS);
        foreach ($this->search->ids($query) as $ids) {
            foreach ($this->search->lines($ids) as $line) {
                yield CsvLine::write([
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
}
