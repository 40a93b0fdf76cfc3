<?php

declare(strict_types=1);

namespace TinLantern\House;

/**
 * The time zone of the house, by its name.
 */
final class Zone
{
    public static function named(string $name): \DateTimeZone
    {
        return new \DateTimeZone($name);
    }
}
