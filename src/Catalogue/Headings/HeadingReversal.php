<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

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
 * Gives records back the heading they had, all that were not changed since.
 */
final readonly class HeadingReversal implements Reversal
{
    public function __construct(private Records $records, private Derived $derived, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'heading-changed';
    }

    public static function needs(): Permission
    {
        return Permission::EditRecords;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $versions = $entry->before['versions'] ?? [];
        $back = [];
        $left = 0;
        foreach ($this->records->lock(array_map(intval(...), array_keys(\is_array($versions) ? $versions : []))) as $id => $now) {
            $before = \is_array($versions) && \is_int($versions[$id] ?? null) ? $versions[$id] : 0;
            $earlier = $now->version === $before + 1 ? $this->records->version($id, $before) : null;
            if (null === $earlier) {
                ++$left;
            } else {
                $back[$id] = DescribedRecord::of($earlier->marc());
            }
        }
        if ([] === $back) {
            throw new Conflict('newer-in-the-way', 'All of these records were changed since, so none was put back.');
        }
        $this->records->change($back, $actor->name, Cause::TakenBack);
        $this->derived->follow($back);

        return $this->journal->tell($actor, 'heading-taken-back', $entry->subject, $entry->subjectId, null, ['records' => \count($back), 'left' => $left]);
    }
}
