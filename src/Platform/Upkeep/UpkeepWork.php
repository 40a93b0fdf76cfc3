<?php

declare(strict_types=1);

namespace TinLantern\Platform\Upkeep;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * Something an area does by itself from time to time. It may be run more often than it is due, and be killed at any moment.
 */
#[AutoconfigureTag]
interface UpkeepWork
{
    public function rhythm(): Rhythm;

    public function __invoke(\DateTimeImmutable $now): void;
}
