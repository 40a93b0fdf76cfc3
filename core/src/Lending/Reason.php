<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

use TinLantern\Core\Calendar\Day;

/**
 * One reason in a decision: its code, the figures behind it, whether it stands in the way or only tells, and what lifts it.
 * The sentence is made where it is shown.
 */
final readonly class Reason
{
    /** @param array<string, int|string> $figures */
    private function __construct(public string $code, public array $figures, public bool $blocks, public ?Lift $liftedBy)
    {
    }

    public static function membershipExpired(Day $on): self
    {
        return new self('membership-expired', ['expiredOn' => $on->iso], true, Lift::Patron);
    }

    public static function membershipEndsSoon(Day $on): self
    {
        return new self('membership-ends-soon', ['endsOn' => $on->iso], false, null);
    }

    public static function barred(string $because): self
    {
        return new self('patron-barred', ['because' => $because], true, Lift::Patron);
    }

    public static function cardReportedLost(): self
    {
        return new self('card-reported-lost', [], true, Lift::Patron);
    }

    public static function tooManyOverdue(int $overdue, int $limit): self
    {
        return new self('too-many-overdue', ['overdue' => $overdue, 'limit' => $limit], true, Lift::Patron);
    }

    public static function hasOverdue(int $overdue): self
    {
        return new self('has-overdue', ['overdue' => $overdue], false, null);
    }

    public static function loanLimitReached(int $loans, int $limit): self
    {
        return new self('loan-limit-reached', ['loans' => $loans, 'limit' => $limit], true, Lift::Limit);
    }

    public static function classLimitReached(string $lendingClass, int $loans, int $limit): self
    {
        return new self('class-limit-reached', ['lendingClass' => $lendingClass, 'loans' => $loans, 'limit' => $limit], true, Lift::Limit);
    }

    public static function referenceOnly(): self
    {
        return new self('reference-only', [], true, Lift::Item);
    }

    public static function status(ItemStatus $status): self
    {
        return new self('item-status', ['status' => $status->value], true, ItemStatus::Withdrawn === $status ? null : Lift::Item);
    }

    public static function onLoanToAnother(Day $due): self
    {
        return new self('on-loan-to-another', ['due' => $due->iso], true, null);
    }

    public static function alreadyTheirs(Day $due): self
    {
        return new self('already-theirs', ['due' => $due->iso], true, null);
    }

    public static function atAnotherBranch(string $branch): self
    {
        return new self('at-another-branch', ['branch' => $branch], false, null);
    }

    public static function noLoanRule(): self
    {
        return new self('no-loan-rule', [], true, null);
    }

    public static function renewalLimitReached(int $renewals, int $limit): self
    {
        return new self('renewal-limit-reached', ['renewals' => $renewals, 'limit' => $limit], true, Lift::Limit);
    }

    public static function renewalGainsNothing(Day $due): self
    {
        return new self('renewal-gains-nothing', ['due' => $due->iso], true, null);
    }
}
