<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

/**
 * The rules of the house say no; all reasons are given, and whether this person may override them.
 */
final class Refused extends Problem
{
    /** @param list<object> $reasons */
    public function __construct(string $sentence, public readonly array $reasons, public readonly bool $canOverride)
    {
        parent::__construct(409, 'Refused', 'refused', $sentence, ['reasons' => $reasons, 'canOverride' => $canOverride]);
    }
}
