<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

/**
 * May this patron take this item now? May this loan be renewed?
 *
 * Pure: the same facts give the same answer at the desk, in the API's "may I?" and in a replay of last year's loans. Every
 * reason is given, not the first one.
 */
final readonly class LendingPolicy
{
    private const DAYS_OF_WARNING = 14;

    public function decide(LendingFacts $facts): LendingDecision
    {
        return LendingDecision::from(
            ...$this->aboutPatron($facts->patron),
            ...$this->aboutItem($facts->item),
            ...$this->aboutLimits($facts),
        );
    }

    public function decideRenewal(PatronFacts $patron, ?LoanRule $rule, int $renewals): LendingDecision
    {
        $reasons = [...$this->aboutPatron($patron)];
        if (null === $rule) {
            $reasons[] = Reason::noLoanRule();
        } elseif ($renewals >= $rule->renewals) {
            $reasons[] = Reason::renewalLimitReached($renewals, $rule->renewals);
        }

        return LendingDecision::from(...$reasons);
    }

    /** @return iterable<Reason> */
    private function aboutPatron(PatronFacts $patron): iterable
    {
        if ($patron->membershipEnds->isBefore($patron->today)) {
            yield Reason::membershipExpired($patron->membershipEnds);
        } elseif ($patron->membershipEnds->isBefore($patron->today->plusDays(self::DAYS_OF_WARNING))) {
            yield Reason::membershipEndsSoon($patron->membershipEnds);
        }
        if (null !== $patron->barredBecause) {
            yield Reason::barred($patron->barredBecause);
        }
        if ($patron->cardLost) {
            yield Reason::cardReportedLost();
        }
        if (null !== $patron->overdueLimit && $patron->overdue >= $patron->overdueLimit) {
            yield Reason::tooManyOverdue($patron->overdue, $patron->overdueLimit);
        } elseif ($patron->overdue > 0) {
            yield Reason::hasOverdue($patron->overdue);
        }
    }

    /** @return iterable<Reason> */
    private function aboutItem(ItemFacts $item): iterable
    {
        if ($item->isReference) {
            yield Reason::referenceOnly();
        }
        if (null !== $item->due) {
            yield $item->isLentToThisPatron ? Reason::alreadyTheirs($item->due) : Reason::onLoanToAnother($item->due);
        } elseif (ItemStatus::Available !== $item->status) {
            yield Reason::status($item->status);
        }
        if (!$item->isAtThisBranch) {
            yield Reason::atAnotherBranch($item->branch);
        }
    }

    /** @return iterable<Reason> */
    private function aboutLimits(LendingFacts $facts): iterable
    {
        $patron = $facts->patron;
        if (null !== $patron->loanLimit && $patron->loans >= $patron->loanLimit) {
            yield Reason::loanLimitReached($patron->loans, $patron->loanLimit);
        }
        if (null === $facts->rule) {
            yield Reason::noLoanRule();
        } elseif (null !== $facts->rule->limit && $patron->loansOfClass >= $facts->rule->limit) {
            yield Reason::classLimitReached($facts->item->lendingClass, $patron->loansOfClass, $facts->rule->limit);
        }
    }
}
