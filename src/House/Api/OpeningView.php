<?php

declare(strict_types=1);

namespace TinLantern\House\Api;

/**
 * Weekday from 1 (Monday) to 7; times as on the local clock.
 */
final readonly class OpeningView
{
    public function __construct(public string $branch, public int $weekday, public string $opens, public string $closes)
    {
    }
}
