<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Catalogue\Headings\Headings;
use TinLantern\Catalogue\Matching\MatchKeys;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Search\HeldItem;
use TinLantern\Catalogue\Search\SearchDocument;
use TinLantern\Catalogue\Search\SearchIndex;
use TinLantern\Core\Calendar\Day;
use TinLantern\Platform\Database\Transaction;

/**
 * Everything that follows from records and their items and can be made anew from them: list columns, match keys, headings, search documents.
 */
final readonly class Derived
{
    /** Goes up when something new is derived: what older versions have left is then made anew at the next start. */
    private const VERSION = '4';

    public function __construct(private Transaction $transaction, private Records $records, private RecordItems $items, private SearchIndex $index, private MatchKeys $keys, private Headings $headings, private Connection $connection, private ClockInterface $clock)
    {
    }

    /**
     * After records have come today that the catalogue did not have.
     *
     * @param array<int, DescribedRecord> $records by id
     * @param array<int, list<HeldItem>>  $held    all their items, by record id
     */
    public function followNew(array $records, array $held = []): void
    {
        if ([] !== $records) {
            $this->keysAndHeadings($records, true);
            $this->documents($records, $held, array_fill_keys(array_keys($records), Day::of($this->clock->now()->format('Y-m-d'))));
        }
    }

    /**
     * After records were written; their items are those that the database holds now.
     *
     * @param array<int, DescribedRecord> $records by id
     */
    public function follow(array $records): void
    {
        if ([] !== $records) {
            $this->deriveAnew($records);
            $this->records->shareAnew(array_keys($records));
        }
    }

    /** After items of these records have changed, come or gone. */
    public function itemsChanged(int ...$recordIds): void
    {
        $records = $this->records->several(array_values($recordIds));
        if ([] !== $records) {
            $this->documentsOf(array_map(DescribedRecord::of(...), $records));
            $this->records->shareAnew(array_keys($records));
        }
    }

    /** Is what is derived older than what this version derives? */
    public function isOutdated(): bool
    {
        return $this->version() !== $this->connection->fetchOne("SELECT value FROM house_state WHERE name = 'derived'");
    }

    /** @return int how many records there are */
    public function rebuild(): int
    {
        $count = 0;
        foreach ($this->records->all() as $batch) {
            $this->transaction->run(function () use ($batch): void {
                $described = array_map(DescribedRecord::of(...), $batch);
                foreach ($described as $id => $record) {
                    $this->records->derive($id, $record->brief);
                }
                $this->deriveAnew($described);
            });
            $count += \count($batch);
        }
        // When these went, another index was in use perhaps.
        foreach ($this->records->removed() as $ids) {
            $this->transaction->run(fn () => $this->index->remove($ids));
        }
        $this->connection->executeStatement("REPLACE INTO house_state (name, value) VALUES ('derived', ?)", [$this->version()]);

        return $count;
    }

    private function version(): string
    {
        return self::VERSION.' '.$this->index->name();
    }

    /** @param array<int, DescribedRecord> $records by id */
    private function deriveAnew(array $records): void
    {
        $this->keysAndHeadings($records, false);
        $this->documentsOf($records);
    }

    /** @param array<int, DescribedRecord> $records by id */
    private function keysAndHeadings(array $records, bool $areNew): void
    {
        $this->keys->put(array_map(static fn (DescribedRecord $record) => $record->facts(), $records), $areNew);
        $this->headings->put(array_map(static fn (DescribedRecord $record): array => $record->headings(), $records), $areNew);
    }

    /** @param array<int, DescribedRecord> $records by id */
    private function documentsOf(array $records): void
    {
        $this->documents($records, $this->items->held(array_keys($records)), $this->records->addedOn(array_keys($records)));
    }

    /**
     * @param array<int, DescribedRecord> $records by id
     * @param array<int, list<HeldItem>>  $held    by record id
     * @param array<int, Day>             $addedOn by record id
     */
    private function documents(array $records, array $held, array $addedOn): void
    {
        $documents = [];
        foreach ($records as $id => $record) {
            $documents[] = SearchDocument::of($id, $record, $held[$id] ?? [], $addedOn[$id]);
        }
        $this->index->put($documents);
    }
}
