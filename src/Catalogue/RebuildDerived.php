<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Search\SearchDocument;
use TinLantern\Catalogue\Search\SearchIndex;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Platform\Database\Transaction;

/**
 * Derives the columns and search documents of records anew from their MARC and items.
 */
final readonly class RebuildDerived
{
    public function __construct(private Transaction $transaction, private Records $records, private RecordItems $items, private SearchIndex $index)
    {
    }

    /** @return int how many records */
    public function all(): int
    {
        $count = 0;
        foreach ($this->records->all() as $batch) {
            $this->transaction->run(function () use ($batch): void {
                $held = $this->items->held(array_keys($batch));
                $documents = [];
                foreach ($batch as $id => $marc) {
                    $brief = BriefDescription::of($marc);
                    $this->records->derive($id, $brief);
                    $documents[] = SearchDocument::of($id, $marc, $brief, $held[$id] ?? []);
                }
                $this->index->put($documents);
            });
            $count += \count($batch);
        }

        return $count;
    }

    /** The search document of one record, after it or one of its items has changed. */
    public function document(int $recordId): void
    {
        $marc = $this->records->marc($recordId);
        if (null !== $marc) {
            $this->index->put([SearchDocument::of($recordId, $marc, BriefDescription::of($marc), $this->items->held([$recordId])[$recordId] ?? [])]);
        }
    }
}
