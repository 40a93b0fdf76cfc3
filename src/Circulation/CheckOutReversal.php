<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Psr\Clock\ClockInterface;
use TinLantern\Circulation\Repository\Loans;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\JournalEntry;
use TinLantern\Journal\Reversal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;

/**
 * Takes back a check-out: the loan never was, the item is where it was.
 */
final readonly class CheckOutReversal implements Reversal
{
    public function __construct(private NewestAct $newest, private Items $items, private Loans $loans, private Journal $journal, private ClockInterface $clock)
    {
    }

    public static function act(): string
    {
        return 'item-lent';
    }

    public static function needs(): Permission
    {
        return Permission::TakeBackLending;
    }

    public function takeBack(JournalEntry $entry, Actor $actor): int
    {
        $item = $this->newest->itemOf($entry);
        $loan = $this->loans->openOf($item->id());
        if (null === $loan || $loan->id() !== $entry->after['loanId']) {
            throw new Conflict('something-newer', 'This loan has ended already.');
        }
        $loan->takeBack($this->clock->now());
        $item->putBack(ItemStatus::from($entry->textBefore('status')), $entry->numberBefore('atBranchId'));
        $this->loans->save($loan);
        $this->items->save($item);

        return $this->journal->tell($actor, 'check-out-taken-back', Subject::Item, $item->id(), ['loanId' => $loan->id()], ['status' => $item->status(), 'atBranchId' => $item->atBranchId()]);
    }
}
