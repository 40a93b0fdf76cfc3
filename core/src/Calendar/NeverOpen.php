<?php

declare(strict_types=1);

namespace TinLantern\Core\Calendar;

/**
 * A branch has no open day within a year of the day asked for, so no due date can be named.
 */
final class NeverOpen extends \DomainException
{
    public static function around(Day $day): self
    {
        return new self(\sprintf('The calendar has no open day within a year of %s. Enter opening hours for the branch.', $day->iso));
    }
}
