<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Psr\Clock\ClockInterface;
use TinLantern\Circulation\Repository\Loans;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Holdings\ItemPage;
use TinLantern\Holdings\Repository\Items;
use TinLantern\House\HouseLists;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\NotFound;

/**
 * Takes an item in at a desk: ends its loan, and says where it goes from here.
 */
final readonly class CheckInItem
{
    public function __construct(
        private Transaction $transaction,
        private Items $items,
        private Loans $loans,
        private LoanPage $loanPage,
        private ItemPage $itemPage,
        private HouseLists $lists,
        private Journal $journal,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(CheckIn $act, Actor $actor): CheckInView
    {
        return $this->transaction->once($act->id, $act, CheckInView::class, function () use ($act, $actor): CheckInView {
            $item = $this->items->lockByBarcode(trim($act->barcode)) ?? throw NotFound::of('item with barcode', trim($act->barcode));
            $was = $item->status();
            $before = ['status' => $was, 'atBranchId' => $item->atBranchId()];
            $loan = $this->loans->openOf($item->id());
            if (null !== $loan) {
                $loan->end($this->clock->now());
                $this->loans->save($loan);
            }
            $item->comeIn($actor->branchId);
            $this->items->save($item);
            $entry = $this->journal->tell($actor, CheckInReversal::act(), Subject::Item, $item->id(), $before, [
                'status' => $item->status(),
                'atBranchId' => $item->atBranchId(),
                'loanId' => $loan?->id(),
                'patronId' => $loan?->patronId(),
            ]);
            $nextStep = match ($item->status()) {
                ItemStatus::Available => NextStep::Shelve,
                ItemStatus::InTransit => NextStep::Send,
                default => NextStep::SetAside,
            };

            return new CheckInView(
                $this->itemPage->of($item->id()),
                null === $loan ? null : $this->loanPage->of($loan->id()),
                $was,
                $nextStep,
                NextStep::Send === $nextStep ? $this->lists->branches()[$item->branchId()]->name : null,
                null !== $loan && $loan->dueAt() < $this->clock->now(),
                $entry,
            );
        });
    }
}
