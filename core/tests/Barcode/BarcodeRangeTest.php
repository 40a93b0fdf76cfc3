<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Barcode;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Barcode\BarcodeRange;

final class BarcodeRangeTest extends TestCase
{
    /** @return iterable<string, array{BarcodeRange, int, string|null}> */
    public static function barcodes(): iterable
    {
        yield 'device 7' => [new BarcodeRange('GEAR', 3, BarcodeRange::NO_CHECK), 7, 'GEAR007'];
        yield 'the last one' => [new BarcodeRange('GEAR', 3, BarcodeRange::NO_CHECK), 999, 'GEAR999'];
        yield 'behind the last one' => [new BarcodeRange('GEAR', 3, BarcodeRange::NO_CHECK), 1000, null];
        yield 'before the first one' => [new BarcodeRange('GEAR', 3, BarcodeRange::NO_CHECK), 0, null];
        yield 'a Luhn digit' => [new BarcodeRange('7992739871', 1, BarcodeRange::LUHN), 0, null];
        yield 'a Luhn digit behind a number' => [new BarcodeRange('799273987', 1, BarcodeRange::LUHN), 1, '79927398713'];
        yield 'an EAN digit' => [new BarcodeRange('40063813339', 1, BarcodeRange::EAN), 3, '4006381333931'];
        yield 'letters do not count' => [new BarcodeRange('A799273987', 1, BarcodeRange::LUHN), 1, 'A79927398713'];
    }

    #[DataProvider('barcodes')]
    public function testANumberBecomesABarcode(BarcodeRange $range, int $number, ?string $barcode): void
    {
        self::assertSame($barcode, $range->barcode($number));
    }
}
