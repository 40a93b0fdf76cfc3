<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use TinLantern\Core\Lending\Outcome;

final readonly class DecisionView
{
    /** @param list<ReasonView> $reasons */
    public function __construct(public Outcome $outcome, public array $reasons, public bool $canOverride)
    {
    }
}
