<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Catalogue\Repository\Records;
use TinLantern\Core\Marc\NotExpressible;

/**
 * Gives out all records, as a stream, with or without their items.
 */
final readonly class ExportRecords
{
    public function __construct(private Records $records, private RecordItems $items)
    {
    }

    /**
     * @param \Closure(string): void $problem told of each record that the format cannot carry; the others go on
     *
     * @return \Generator<int, string>
     */
    public function __invoke(ExportFormat $format, bool $withItems, \Closure $problem): \Generator
    {
        $writer = $format->writer();
        yield $writer->head();
        foreach ($this->records->all() as $batch) {
            foreach ($withItems ? $this->items->embedIn($batch) : $batch as $id => $record) {
                try {
                    yield $writer->write($record);
                } catch (NotExpressible $reason) {
                    $problem(\sprintf('Record %d was left out. %s', $id, $reason->getMessage()));
                }
            }
        }
        yield $writer->foot();
    }
}
