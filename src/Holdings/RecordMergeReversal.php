<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;

/**
 * Makes two records of a merged one again: the other comes back under its number, with its items; the one that was kept is as it was.
 */
final readonly class RecordMergeReversal implements Reversal
{
    public function __construct(private Records $records, private Items $items, private Derived $derived, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'records-merged';
    }

    public static function needs(): Permission
    {
        return Permission::EditRecords;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $keptId = $entry->subjectId;
        $before = $entry->numberBefore('version');
        $after = $entry->after['version'] ?? 0;
        $kept = $this->records->lock([$keptId])[$keptId] ?? null;
        if (null === $kept || $kept->version !== $after) {
            throw new Conflict('newer-in-the-way', 'The record that was kept was changed or removed since. Return it to the version of the merging first.');
        }
        $from = Items::origins($entry);
        if (!$this->items->areAllOn(array_keys($from), $keptId)) {
            throw new Conflict('newer-in-the-way', 'One of the items was moved again since. Take that back first.');
        }
        $otherId = $entry->numberBefore('other');
        $followed = [$otherId => $this->records->bringBack($otherId, $actor->name, Cause::TakenBack) ?? throw new Conflict('newer-in-the-way', 'The other record was brought back already.')];
        $followed[$keptId] = DescribedRecord::of(($this->records->version($keptId, $before) ?? $kept)->marc());
        if ($before !== $after) {
            $this->records->change([$keptId => $followed[$keptId]], $actor->name, Cause::TakenBack);
        }
        $this->items->moveBack($from);
        $this->derived->follow($followed);

        return $this->journal->tell($actor, 'record-merge-taken-back', $entry->subject, $keptId, null, ['title' => $followed[$keptId]->brief->title, 'count' => \count($from)]);
    }
}
