<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Catalogue\Repository\Records;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\NotExpressible;

/**
 * Gives out records, as a stream: all of them, or the hits of a search, with or without their items.
 */
final readonly class ExportRecords
{
    public function __construct(private Records $records, private RecordItems $items, private SearchRecords $search)
    {
    }

    /**
     * The hits of a search, in their order.
     *
     * @param \Closure(string): void $problem told of each record that the format cannot carry; the others go on
     *
     * @return \Generator<int, string>
     */
    public function found(RecordQuery $query, ExportFormat $format, bool $withItems, \Closure $problem): \Generator
    {
        return $this->write((function () use ($query): \Generator {
            foreach ($this->search->ids($query) as $ids) {
                yield $this->records->several($ids);
            }
        })(), $format, $withItems, $problem);
    }

    /**
     * All records.
     *
     * @param \Closure(string): void $problem told of each record that the format cannot carry; the others go on
     *
     * @return \Generator<int, string>
     */
    public function __invoke(ExportFormat $format, bool $withItems, \Closure $problem): \Generator
    {
        return $this->write($this->records->all(), $format, $withItems, $problem);
    }

    /**
     * @param iterable<array<int, MarcRecord>> $batches by id
     * @param \Closure(string): void           $problem
     *
     * @return \Generator<int, string>
     */
    private function write(iterable $batches, ExportFormat $format, bool $withItems, \Closure $problem): \Generator
    {
        $writer = $format->writer();
        yield $writer->head();
        foreach ($batches as $batch) {
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
