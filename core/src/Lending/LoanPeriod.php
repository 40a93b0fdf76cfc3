<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

/**
 * How long a loan lasts: whole days, or hours.
 */
final readonly class LoanPeriod
{
    private function __construct(public int $amount, public bool $isHours)
    {
        if ($amount < 1) {
            throw new \InvalidArgumentException('A loan period is at least 1.');
        }
    }

    public static function days(int $days): self
    {
        return new self($days, false);
    }

    public static function hours(int $hours): self
    {
        return new self($hours, true);
    }
}
