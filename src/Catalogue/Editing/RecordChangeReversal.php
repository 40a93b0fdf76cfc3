<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;

/**
 * Gives a record back the content it had before a change.
 */
final readonly class RecordChangeReversal implements Reversal
{
    public function __construct(private Records $records, private Derived $derived, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'record-changed';
    }

    public static function needs(): Permission
    {
        return Permission::EditRecords;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $before = $entry->numberBefore('version');
        $now = $this->records->lock([$entry->subjectId])[$entry->subjectId] ?? null;
        $earlier = $this->records->version($entry->subjectId, $before);
        if (null === $now || null === $earlier || $now->version !== $before + 1) {
            throw new Conflict('newer-in-the-way', 'This record was changed again since. Return to an earlier version on its page.');
        }
        $described = DescribedRecord::of($earlier->marc());
        $this->records->change([$now->id => $described], $actor->name, Cause::TakenBack);
        $this->derived->follow([$now->id => $described]);

        return $this->journal->tell($actor, 'record-change-taken-back', $entry->subject, $now->id, ['version' => $now->version], ['version' => $now->version + 1]);
    }
}
