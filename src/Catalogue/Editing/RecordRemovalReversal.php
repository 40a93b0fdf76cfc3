<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;

/**
 * Brings a removed record back.
 */
final readonly class RecordRemovalReversal implements Reversal
{
    public function __construct(private Records $records, private Derived $derived, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'record-removed';
    }

    public static function needs(): Permission
    {
        return Permission::EditRecords;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $record = $this->records->bringBack($entry->subjectId, $actor->name, Cause::TakenBack) ?? throw new Conflict('newer-in-the-way', 'This record was brought back already.');
        $this->derived->follow([$entry->subjectId => $record]);

        return $this->journal->tell($actor, 'record-removal-taken-back', $entry->subject, $entry->subjectId, null, ['title' => $record->brief->title]);
    }
}
