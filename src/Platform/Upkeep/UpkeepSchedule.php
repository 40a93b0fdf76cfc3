<?php

declare(strict_types=1);

namespace TinLantern\Platform\Upkeep;

use Symfony\Component\Scheduler\Attribute\AsSchedule;
use Symfony\Component\Scheduler\RecurringMessage;
use Symfony\Component\Scheduler\Schedule;
use Symfony\Component\Scheduler\ScheduleProviderInterface;
use Symfony\Contracts\Cache\CacheInterface;

/**
 * When the worker does what. A time that was missed because the worker was down is caught up once.
 */
#[AsSchedule('upkeep')]
final readonly class UpkeepSchedule implements ScheduleProviderInterface
{
    public function __construct(private CacheInterface $cache)
    {
    }

    public function getSchedule(): Schedule
    {
        return (new Schedule())
            ->stateful($this->cache)
            ->processOnlyLastMissedRun(true)
            ->with(...array_map(static fn (Rhythm $rhythm): RecurringMessage => RecurringMessage::cron($rhythm->cron(), new ItIsTime($rhythm)), Rhythm::cases()));
    }
}
