<?php

declare(strict_types=1);

namespace TinLantern\Core\Barcode;

/**
 * Barcodes that are given one after the other to a kind of item: a beginning, a number of fixed length, and a check digit if wanted. So
 * device 7 is ...007.
 */
final readonly class BarcodeRange
{
    public const NO_CHECK = 'none';
    /** The digit that makes the sum, every second digit doubled from the right (cross sums), divisible by ten. */
    public const LUHN = 'luhn';
    /** Weights 1 and 3 from the right, as in an EAN. */
    public const EAN = 'ean';

    /** @param int $digits how many digits the number has, from 1 to 12 */
    public function __construct(public string $beginning, public int $digits, public string $check)
    {
    }

    /** The barcode with this number; null where the range ends before it. */
    public function barcode(int $number): ?string
    {
        if ($number < 1 || $number >= 10 ** $this->digits) {
            return null;
        }
        $body = $this->beginning.str_pad((string) $number, $this->digits, '0', \STR_PAD_LEFT);

        return match ($this->check) {
            self::LUHN => $body.self::luhn($body),
            self::EAN => $body.self::ean($body),
            default => $body,
        };
    }

    private static function luhn(string $body): int
    {
        $sum = 0;
        foreach (self::digitsFromTheRight($body) as $index => $digit) {
            $doubled = 0 === $index % 2 ? 2 * $digit : $digit;
            $sum += $doubled > 9 ? $doubled - 9 : $doubled;
        }

        return (10 - $sum % 10) % 10;
    }

    private static function ean(string $body): int
    {
        $sum = 0;
        foreach (self::digitsFromTheRight($body) as $index => $digit) {
            $sum += 0 === $index % 2 ? 3 * $digit : $digit;
        }

        return (10 - $sum % 10) % 10;
    }

    /** @return list<int> letters do not count */
    private static function digitsFromTheRight(string $body): array
    {
        return array_map(intval(...), array_reverse(str_split(preg_replace('/\D/', '', $body) ?? '')));
    }
}
