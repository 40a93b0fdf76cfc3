<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Catalogue\RecordItems;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;

/**
 * Takes a new record out of the catalogue again, as long as it has no items and nobody has changed it.
 */
final readonly class RecordAddReversal implements Reversal
{
    public function __construct(private Records $records, private RecordItems $items, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'record-added';
    }

    public static function needs(): Permission
    {
        return Permission::EditRecords;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $now = $this->records->lock([$entry->subjectId])[$entry->subjectId] ?? null;
        if (null === $now || 1 !== $now->version) {
            throw new Conflict('newer-in-the-way', 'This record was changed or removed since, so it stays.');
        }
        if ([] !== $this->items->held([$now->id])) {
            throw new Conflict('newer-in-the-way', 'This record has items, so it stays. Remove them first.');
        }
        $this->records->remove([$now->id], $actor->name, Cause::TakenBack);

        return $this->journal->tell($actor, 'record-add-taken-back', $entry->subject, $now->id, null, null);
    }
}
