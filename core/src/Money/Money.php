<?php

declare(strict_types=1);

namespace TinLantern\Core\Money;

/**
 * An exact sum in the minor units of the library's currency.
 */
final readonly class Money
{
    public function __construct(public int $minor)
    {
    }

    /**
     * From an amount as people and records write it: `12.50`, `12,50`, `12`, `Kr 12.50`. Null when it is none, or finer
     * than the minor unit.
     */
    public static function tryFrom(string $written, int $digits = 2): ?self
    {
        if (1 !== preg_match('/^\s*[^\d\s.,-]{0,4}\s*(\d{1,12})(?:[.,](\d{1,'.$digits.'}))?\s*[^\d\s.,-]{0,4}\s*$/u', $written, $parts)) {
            return null;
        }

        return new self((int) ($parts[1].str_pad($parts[2] ?? '', $digits, '0')));
    }

    public function written(int $digits = 2): string
    {
        return number_format($this->minor / 10 ** $digits, $digits, '.', '');
    }
}
