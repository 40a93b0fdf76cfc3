<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

/**
 * Everything that decides whether this patron may take this item now.
 */
final readonly class LendingFacts
{
    public function __construct(public PatronFacts $patron, public ItemFacts $item, public ?LoanRule $rule)
    {
    }
}
