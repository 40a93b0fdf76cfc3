<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

use TinLantern\Core\Calendar\Day;

/**
 * What holds for a loan: for which membership, lending class and branch (null: any), and what it says.
 */
final readonly class LoanRule
{
    /**
     * @param int|null $limit       open loans of the lending class at most, for one patron; null: no limit of its own
     * @param Day|null $endsOn      no loan goes past this day (the end of a term)
     * @param bool     $fromDueDate a renewal counts from the old due date; else from the day of renewal
     */
    public function __construct(
        public int $id,
        public ?int $membership,
        public ?int $lendingClass,
        public ?int $branch,
        public LoanPeriod $period,
        public bool $moveToPreviousOpenDay = false,
        public bool $withinMembership = false,
        public ?Day $endsOn = null,
        public int $renewals = 0,
        public bool $fromDueDate = false,
        public ?int $limit = null,
    ) {
    }

    public function appliesTo(int $membership, int $lendingClass, int $branch): bool
    {
        return ($this->membership ?? $membership) === $membership
            && ($this->lendingClass ?? $lendingClass) === $lendingClass
            && ($this->branch ?? $branch) === $branch;
    }
}
