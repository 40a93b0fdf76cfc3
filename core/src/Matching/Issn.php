<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

/**
 * An International Standard Serial Number whose check digit is right, as eight characters without a hyphen.
 *
 * @see ISO 3297
 */
final readonly class Issn
{
    private function __construct(public string $eight)
    {
    }

    public static function tryFrom(string $written): ?self
    {
        if (1 !== preg_match('/(?<!\d)(\d{4})[\s\x{2010}-\x{2015}-]*(\d{3}[\dXx])(?![\dXx])/u', $written, $found)) {
            return null;
        }
        $digits = strtoupper($found[1].$found[2]);
        $sum = 'X' === $digits[7] ? 10 : (int) $digits[7];
        for ($index = 0; $index < 7; ++$index) {
            $sum += (8 - $index) * (int) $digits[$index];
        }

        return 0 === $sum % 11 ? new self($digits) : null;
    }
}
