<?php

declare(strict_types=1);

namespace TinLantern\House\Api;

/**
 * A loan rule in names; null means any.
 */
final readonly class LoanRuleView
{
    public function __construct(
        public ?string $membership,
        public ?string $lendingClass,
        public ?string $branch,
        public int $period,
        public bool $isHours,
        public int $renewals,
        public ?int $limit,
    ) {
    }
}
