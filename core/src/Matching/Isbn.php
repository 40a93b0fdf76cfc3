<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

/**
 * An International Standard Book Number whose check digit is right, in its thirteen-digit form.
 *
 * @see ISO 2108
 */
final readonly class Isbn
{
    private function __construct(public string $thirteen)
    {
    }

    /**
     * From any written form: ten or thirteen digits, hyphens, blanks, a qualifier behind it ("0-123-45678-9 (pbk.)").
     */
    public static function tryFrom(string $written): ?self
    {
        $written = preg_replace('/\(.*$/s', '', $written) ?? '';
        if (1 !== preg_match('/^\D*?((?:\d[\s\x{2010}-\x{2015}-]*){9,12}[\dXx])(?![\dXx])/u', $written, $found)) {
            return null;
        }
        $digits = strtoupper(preg_replace('/[^\dXx]/', '', $found[1]) ?? '');

        return match (true) {
            10 === \strlen($digits) && self::isTen($digits) => new self(self::toThirteen($digits)),
            13 === \strlen($digits) && self::isThirteen($digits) => new self($digits),
            default => null,
        };
    }

    private static function isTen(string $digits): bool
    {
        $sum = 0;
        foreach (str_split($digits) as $index => $digit) {
            if ('X' === $digit && 9 !== $index) {
                return false;
            }
            $sum += (10 - $index) * ('X' === $digit ? 10 : (int) $digit);
        }

        return 0 === $sum % 11;
    }

    private static function isThirteen(string $digits): bool
    {
        return ctype_digit($digits) && 1 === preg_match('/^97[89]/', $digits) && self::checkDigit($digits) === (int) $digits[12];
    }

    private static function toThirteen(string $ten): string
    {
        $body = '978'.substr($ten, 0, 9);

        return $body.self::checkDigit($body);
    }

    private static function checkDigit(string $digits): int
    {
        $sum = 0;
        for ($index = 0; $index < 12; ++$index) {
            $sum += (int) $digits[$index] * (0 === $index % 2 ? 1 : 3);
        }

        return (10 - $sum % 10) % 10;
    }
}
