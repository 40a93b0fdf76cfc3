<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;

/**
 * Moves items back to the records that they came from.
 */
final readonly class ItemMoveReversal implements Reversal
{
    public function __construct(private Records $records, private Items $items, private Derived $derived, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'items-moved';
    }

    public static function needs(): Permission
    {
        return Permission::EditItems;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $from = Items::origins($entry);
        $records = array_values(array_unique([$entry->subjectId, ...array_values($from)]));
        if (\count($this->records->lock($records)) < \count($records)) {
            throw new Conflict('newer-in-the-way', 'A record that these items came from was removed since. Bring it back first.');
        }
        if (!$this->items->areAllOn(array_keys($from), $entry->subjectId)) {
            throw new Conflict('newer-in-the-way', 'One of these items was moved again since. Take that back first.');
        }
        $this->items->moveBack($from);
        $this->derived->itemsChanged(...$records);

        return $this->journal->tell($actor, 'item-move-taken-back', $entry->subject, $entry->subjectId, null, ['count' => \count($from)]);
    }
}
