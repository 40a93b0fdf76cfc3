<?php

declare(strict_types=1);

namespace TinLantern\Platform\Upkeep;

/**
 * The message that it is time for the nightly upkeep.
 */
final readonly class Nightly
{
}
