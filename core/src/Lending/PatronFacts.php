<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

use TinLantern\Core\Calendar\Day;

/**
 * What is known about a patron at the moment of a decision. Counts are of open loans before this one.
 */
final readonly class PatronFacts
{
    /**
     * @param string|null $barredBecause null when not barred
     * @param int|null    $loanLimit     open loans at most, by membership; null: no limit
     * @param int|null    $overdueLimit  overdue loans from which on nothing more is lent; null: no limit
     */
    public function __construct(
        public Day $today,
        public Day $membershipEnds,
        public ?string $barredBecause,
        public bool $cardLost,
        public int $loans,
        public int $loansOfClass,
        public int $overdue,
        public ?int $loanLimit,
        public ?int $overdueLimit,
    ) {
    }
}
