<?php

declare(strict_types=1);

namespace TinLantern\Platform\Upkeep;

/**
 * The message that the upkeep of one rhythm is due.
 */
final readonly class ItIsTime
{
    public function __construct(public Rhythm $for)
    {
    }
}
