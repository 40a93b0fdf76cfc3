<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

final readonly class EndedLoansView
{
    /** @param list<LoanView> $loans */
    public function __construct(public array $loans, public ?int $after)
    {
    }
}
