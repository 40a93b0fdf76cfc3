<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use TinLantern\Circulation\Repository\Loans;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;

/**
 * Takes back a check-in: the loan goes on, the item is where it was.
 */
final readonly class CheckInReversal implements Reversal
{
    public function __construct(private NewestAct $newest, private Items $items, private Loans $loans, private Journal $journal)
    {
    }

    public static function act(): string
    {
        return 'item-returned';
    }

    public static function needs(): Permission
    {
        return Permission::TakeBackLending;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $item = $this->newest->itemOf($entry);
        $loanId = $entry->after['loanId'] ?? null;
        $loan = \is_int($loanId) ? $this->loans->lock($loanId) : null;
        if (null !== $loan) {
            $loan->goOn();
            $this->loans->save($loan);
        }
        $item->putBack(ItemStatus::from($entry->textBefore('status')), $entry->numberBefore('atBranchId'));
        $this->items->save($item);

        return $this->journal->tell($actor, 'check-in-taken-back', Subject::Item, $item->id(), null, ['status' => $item->status(), 'atBranchId' => $item->atBranchId(), 'loanId' => $loan?->id()]);
    }
}
