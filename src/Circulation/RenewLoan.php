<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Circulation\Repository\Loans;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\DueDate;
use TinLantern\Core\Lending\LendingDecision;
use TinLantern\Core\Lending\LendingPolicy;
use TinLantern\Core\Lending\Reason;
use TinLantern\Holdings\Repository\Items;
use TinLantern\House\HouseRules;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Patrons\Repository\Patrons;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Renews a loan.
 */
final readonly class RenewLoan
{
    public function __construct(
        private Transaction $transaction,
        private Connection $connection,
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
        private \DateTimeZone $houseZone,
    ) {
    }

    public function __invoke(int $loanId, Renewal $act, Actor $actor): LoanView
    {
        return $this->transaction->once($act->id, (object) ['loan' => $loanId, 'act' => $act], LoanView::class, function () use ($loanId, $act, $actor): LoanView {
            $itemId = $this->connection->fetchOne('SELECT item_id FROM loan WHERE id = ?', [$loanId]);
            $item = is_numeric($itemId) ? $this->items->lock((int) $itemId) : null;
            $loan = null === $item ? null : $this->loans->openOf($item->id());
            if (null === $item || null === $loan || $loan->id() !== $loanId) {
                throw null === $item ? NotFound::of('loan', $loanId) : new Conflict('loan-ended', 'This loan has ended. Lend the item anew.');
            }
            $patron = $this->patrons->lock($loan->patronId()) ?? throw NotFound::of('patron', $loan->patronId());
            $rule = $this->rules->loanRules()->choose($patron->membershipId(), $item->lendingClassId(), $actor->branchId);
            $facts = $this->facts->patron($patron, $item->lendingClassId());
            $decision = $this->policy->decideRenewal($facts, $rule, $loan->renewals());
            $this->refusal->unlessLifted($decision, $actor, $act->override);
            \assert(null !== $rule);

            $before = ['dueAt' => $loan->dueAt(), 'renewals' => $loan->renewals()];
            $due = DueDate::ofRenewal($rule, $this->rules->calendar($actor->branchId), $this->clock->now(), $loan->dueAt(), max($facts->membershipEnds, $facts->today));
            if ($due <= $loan->dueAt()) {
                $this->refusal->unlessLifted(LendingDecision::from(Reason::renewalGainsNothing(Day::at($due, $this->houseZone))), $actor, null);
            }
            $loan->renewUntil($due);
            $this->loans->save($loan);
            $entry = $this->journal->tell(
                $actor,
                RenewalReversal::act(),
                Subject::Item,
                $item->id(),
                $before,
                ['loanId' => $loan->id(), 'dueAt' => $due, 'renewals' => $loan->renewals()],
                [] === $decision->blocking() ? null : $act->override,
            );

            return $this->page->of($loan->id(), $entry, ReasonView::listOf($decision));
        });
    }
}
