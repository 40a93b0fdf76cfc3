<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Catalogue\Derived;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Changes;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Changes an item. A form that began from an older version is refused, never saved over the newer.
 */
final readonly class ChangeItem
{
    public function __construct(
        private Transaction $transaction,
        private Items $items,
        private ItemDetailsOf $detailsOf,
        private Derived $derived,
        private ItemPage $page,
        private Journal $journal,
    ) {
    }

    public function __invoke(int $id, ItemForm $form, Actor $actor): ItemView
    {
        return $this->transaction->once($form->id, (object) ['item' => $id, 'form' => $form], ItemView::class, function () use ($id, $form, $actor): ItemView {
            $item = $this->items->lock($id) ?? throw NotFound::of('item', $id);
            if ($form->version !== $item->version()) {
                throw Conflict::stale('item', $this->page->of($id));
            }
            $before = $item->details();
            $after = ($this->detailsOf)($form, $id, $before->status);
            $changes = Changes::between($before->told(), $after->told());
            if (!$changes->areNone()) {
                $item->describe($after);
                $this->items->save($item);
                $this->derived->itemsChanged($item->recordId());
                $this->journal->tell($actor, 'item-changed', Subject::Item, $id, $changes->before, $changes->after);
            }

            return $this->page->of($id);
        });
    }
}
