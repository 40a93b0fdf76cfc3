<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Holdings\Entity\Item;
use TinLantern\Holdings\Labels\WaitingLabels;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\NotFound;

/**
 * Adds an item to a record.
 */
final readonly class AddItem
{
    public function __construct(
        private Transaction $transaction,
        private Records $records,
        private Items $items,
        private ItemDetailsOf $detailsOf,
        private WaitingLabels $labels,
        private Derived $derived,
        private ItemPage $page,
        private Journal $journal,
    ) {
    }

    public function __invoke(int $recordId, ItemForm $form, Actor $actor): ItemView
    {
        return $this->transaction->once($form->id, (object) ['record' => $recordId, 'form' => $form], ItemView::class, function () use ($recordId, $form, $actor): ItemView {
            if (!$this->records->exists($recordId)) {
                throw NotFound::of('record', $recordId);
            }
            $details = ($this->detailsOf)($form);
            $item = Item::onRecord($recordId, $details);
            $this->items->save($item);
            $this->labels->add([$item->id()]);
            $this->derived->itemsChanged($recordId);
            $this->journal->tell($actor, 'item-added', Subject::Item, $item->id(), null, ['recordId' => $recordId] + $details->told());

            return $this->page->of($item->id());
        });
    }
}
