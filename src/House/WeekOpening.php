<?php

declare(strict_types=1);

namespace TinLantern\House;

use TinLantern\Core\Calendar\Opening;

/**
 * An opening of a branch that comes every week; weekday from 1 (Monday) to 7.
 */
final readonly class WeekOpening
{
    public function __construct(public int $branch, public int $weekday, public Opening $opening)
    {
    }
}
