<?php

declare(strict_types=1);

namespace TinLantern\House;

/**
 * What decides what a patron may do and for how long. A limit of null is no limit.
 */
final readonly class Membership
{
    public function __construct(
        public int $id,
        public string $code,
        public string $name,
        public int $months,
        public ?int $loanLimit,
        public ?int $overdueLimit,
    ) {
    }
}
