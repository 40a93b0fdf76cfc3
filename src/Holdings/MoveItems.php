<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\NotFound;

/**
 * Moves items to another record; their loans and their history go with them.
 */
final readonly class MoveItems
{
    public function __construct(private Transaction $transaction, private Records $records, private Items $items, private Derived $derived, private Journal $journal)
    {
    }

    public function __invoke(int $toRecord, MovedItems $act, Actor $actor): MovedItemsView
    {
        return $this->transaction->once($act->id, (object) ['to' => $toRecord, 'items' => $act], MovedItemsView::class, function () use ($toRecord, $act, $actor): MovedItemsView {
            if ([] === $this->records->lock([$toRecord])) {
                throw NotFound::of('record', $toRecord);
            }
            $from = $this->items->move($act->items, $toRecord);
            $this->derived->itemsChanged(...array_values(array_unique([$toRecord, ...$from])));
            $entry = [] === $from ? null : $this->journal->tell($actor, ItemMoveReversal::act(), Subject::Record, $toRecord, ['items' => $from], ['count' => \count($from)]);

            return new MovedItemsView($toRecord, \count($from), $entry);
        });
    }
}
