<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use TinLantern\Circulation\Repository\Loans;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;

/**
 * Takes back a renewal: the old due date holds again.
 */
final readonly class RenewalReversal implements Reversal
{
    public function __construct(private NewestAct $newest, private Loans $loans, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'loan-renewed';
    }

    public static function needs(): Permission
    {
        return Permission::TakeBackLending;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $item = $this->newest->itemOf($entry);
        $loan = $this->loans->openOf($item->id()) ?? throw new Conflict('something-newer', 'This loan has ended already.');
        $loan->takeBackRenewal(new \DateTimeImmutable($entry->textBefore('dueAt')));
        $this->loans->save($loan);

        return $this->journal->tell($actor, 'renewal-taken-back', Subject::Item, $item->id(), null, ['loanId' => $loan->id(), 'dueAt' => $loan->dueAt()]);
    }
}
