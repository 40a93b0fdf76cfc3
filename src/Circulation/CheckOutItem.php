<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Psr\Clock\ClockInterface;
use TinLantern\Circulation\Entity\Loan;
use TinLantern\Circulation\Repository\Loans;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\DueDate;
use TinLantern\Core\Lending\LendingFacts;
use TinLantern\Core\Lending\LendingPolicy;
use TinLantern\Holdings\Repository\Items;
use TinLantern\House\HouseRules;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Patrons\Repository\Patrons;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Lends an item to a patron.
 */
final readonly class CheckOutItem
{
    public function __construct(
        private Transaction $transaction,
        private Items $items,
        private Patrons $patrons,
        private Loans $loans,
        private LendingFactsOf $facts,
        private LendingPolicy $policy,
        private HouseRules $rules,
        private Refusal $refusal,
        private LoanPage $page,
        private Journal $journal,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(CheckOut $act, Actor $actor): LoanView
    {
        return $this->transaction->once($act->id, $act, LoanView::class, function () use ($act, $actor): LoanView {
            $item = $this->items->lockByBarcode(trim($act->barcode)) ?? throw NotFound::of('item with barcode', trim($act->barcode));
            $patron = $this->patrons->lock($act->patron) ?? throw NotFound::of('patron', $act->patron);

            $facts = $this->facts->about($patron, $item, $actor->branchId);
            $decision = $this->policy->decide($facts);
            $this->refusal->unlessLifted($decision, $actor, $act->override);

            $due = $this->dueAt($act, $facts, $actor);
            $before = ['status' => $item->status(), 'atBranchId' => $item->atBranchId()];
            $loan = new Loan($item->id(), $patron->id(), $actor->branchId, $this->clock->now(), $due);
            $item->goOut($actor->branchId);
            $this->loans->save($loan);
            $this->items->save($item);
            $entry = $this->journal->tell(
                $actor,
                CheckOutReversal::act(),
                Subject::Item,
                $item->id(),
                $before,
                ['status' => $item->status(), 'loanId' => $loan->id(), 'patronId' => $patron->id(), 'dueAt' => $due],
                [] === $decision->blocking() ? null : $act->override,
            );

            return $this->page->of($loan->id(), $entry, ReasonView::listOf($decision));
        });
    }

    private function dueAt(CheckOut $act, LendingFacts $facts, Actor $actor): \DateTimeImmutable
    {
        $calendar = $this->rules->calendar($actor->branchId);
        if (null !== $act->due) {
            $actor->orRefuse(Permission::SetDueDate);
            $day = Day::of($act->due);
            if ($day->isBefore($facts->patron->today)) {
                throw new Invalid(['due' => 'The due day lies in the past. Choose today or a later day.']);
            }

            return DueDate::onDay($day, $calendar);
        }
        $rule = $facts->rule ?? throw new \LogicException('Lent without a rule.');

        return DueDate::ofLoan($rule, $calendar, $this->clock->now(), $facts->patron->membershipEnds->isBefore($facts->patron->today) ? $facts->patron->today : $facts->patron->membershipEnds);
    }
}
