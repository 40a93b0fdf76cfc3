<?php

declare(strict_types=1);

namespace TinLantern\Platform\Upkeep;

/**
 * How often a piece of upkeep is due.
 */
enum Rhythm: string
{
    case EachMinute = '* * * * *';
    case EachNight = '20 3 * * *';

    public function cron(): string
    {
        return $this->value;
    }
}
