<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use TinLantern\Holdings\Entity\Item;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * The item of an act of lending, locked, when that act is still the newest one about it: only then can it be taken back.
 */
final readonly class NewestAct
{
    public function __construct(private Items $items, private Journal $journal)
    {
    }

    public function itemOf(JournalEntry $entry): Item
    {
        $item = $this->items->lock($entry->subjectId) ?? throw NotFound::of('item', $entry->subjectId);
        if (!$this->journal->isNewest($entry, [CheckOutReversal::act(), CheckInReversal::act(), RenewalReversal::act(), 'item-changed'])) {
            throw new Conflict('something-newer', 'Something newer happened to this item. Take that back first, or put it right by hand.');
        }

        return $item;
    }
}
