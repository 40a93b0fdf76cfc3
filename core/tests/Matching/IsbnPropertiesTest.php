<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Matching;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use TinLantern\Core\Barcode\BarcodeRange;
use TinLantern\Core\Matching\Isbn;
use TinLantern\Core\Matching\Issn;

/**
 * Check digits: every form of a number is the same number, and a slip is no number.
 */
final class IsbnPropertiesTest extends TestCase
{
    private Randomizer $dice;

    protected function setUp(): void
    {
        $this->dice = new Randomizer(new Mt19937(43));
    }

    public function testTenAndThirteenDigitsInAnyWritingAreOneNumber(): void
    {
        for ($round = 0; $round < 1000; ++$round) {
            $body = $this->digits(9);
            $thirteen = self::withEan('978'.$body);
            $ten = $body.self::checkOfTen($body);
            foreach ([$thirteen, $ten, strtolower($ten), $this->parted($thirteen), $this->parted($ten), 'ISBN '.$this->parted($thirteen), $this->parted($ten).' (pbk.)', $thirteen.' (v. 1) :'] as $written) {
                self::assertSame($thirteen, Isbn::tryFrom($written)->thirteen ?? null, $written);
            }
        }
    }

    public function testOneWrongDigitIsNoNumber(): void
    {
        for ($round = 0; $round < 500; ++$round) {
            $thirteen = self::withEan('978'.$this->digits(9));
            $at = $this->dice->getInt(3, 12);
            $thirteen[$at] = (string) (((int) $thirteen[$at] + $this->dice->getInt(1, 9)) % 10);
            self::assertNull(Isbn::tryFrom($thirteen));

            $body = $this->digits(9);
            $at = $this->dice->getInt(0, 8);
            $other = $body;
            $other[$at] = (string) (((int) $body[$at] + $this->dice->getInt(1, 9)) % 10);
            self::assertNull(Isbn::tryFrom($other.self::checkOfTen($body)));
        }
    }

    public function testTwoNeighboursTheWrongWayRoundAreNoTenDigitNumber(): void
    {
        for ($round = 0; $round < 500; ++$round) {
            $ten = ($body = $this->digits(9)).self::checkOfTen($body);
            $at = $this->dice->getInt(0, 7);
            if ($ten[$at] !== $ten[$at + 1]) {
                [$ten[$at], $ten[$at + 1]] = [$ten[$at + 1], $ten[$at]];
                self::assertNull(Isbn::tryFrom($ten), $ten);
            }
        }
    }

    public function testASerialNumberIsKnownInAnyWritingAndNotWithASlip(): void
    {
        for ($round = 0; $round < 500; ++$round) {
            $body = $this->digits(7);
            $sum = 0;
            foreach (str_split($body) as $index => $digit) {
                $sum += (8 - $index) * (int) $digit;
            }
            $check = (11 - $sum % 11) % 11;
            $issn = substr($body, 0, 4).'-'.substr($body, 4).(10 === $check ? 'X' : $check);
            $known = Issn::tryFrom($issn);
            self::assertNotNull($known, $issn);
            self::assertEquals($known, Issn::tryFrom(' '.strtolower(str_replace('-', '', $issn))));
            $at = $this->dice->getInt(0, 3);
            $wrong = $issn;
            $wrong[$at] = (string) (((int) $wrong[$at] + 1) % 10);
            self::assertNull(Issn::tryFrom($wrong), $wrong);
        }
    }

    public function testABarcodeOfARangeIsReadOnlyAsItself(): void
    {
        foreach ([BarcodeRange::LUHN, BarcodeRange::EAN] as $check) {
            $range = new BarcodeRange('2', 7, $check);
            for ($round = 0; $round < 300; ++$round) {
                $number = $this->dice->getInt(1, 9_999_998);
                $barcode = (string) $range->barcode($number);
                self::assertSame(9, \strlen($barcode));
                $at = $this->dice->getInt(1, 7);
                $wrong = $barcode;
                $wrong[$at] = (string) (((int) $wrong[$at] + $this->dice->getInt(1, 9)) % 10);
                self::assertNotSame($wrong, $range->barcode((int) substr($wrong, 1, 7)), "{$barcode} read as {$wrong}");
            }
        }
    }

    private function digits(int $count): string
    {
        $digits = '';
        while (\strlen($digits) < $count) {
            $digits .= $this->dice->getInt(0, 9);
        }

        return $digits;
    }

    /** With hyphens and blanks anywhere inside. */
    private function parted(string $digits): string
    {
        foreach (range(1, $this->dice->getInt(1, 4)) as $unused) {
            $at = $this->dice->getInt(1, \strlen($digits) - 1);
            if (ctype_alnum($digits[$at]) && ctype_alnum($digits[$at - 1])) {
                $digits = substr($digits, 0, $at).['-', ' '][$this->dice->getInt(0, 1)].substr($digits, $at);
            }
        }

        return $digits;
    }

    private static function withEan(string $body): string
    {
        $sum = 0;
        foreach (str_split($body) as $index => $digit) {
            $sum += (int) $digit * (0 === $index % 2 ? 1 : 3);
        }

        return $body.(10 - $sum % 10) % 10;
    }

    private static function checkOfTen(string $body): string
    {
        $sum = 0;
        foreach (str_split($body) as $index => $digit) {
            $sum += (10 - $index) * (int) $digit;
        }
        $check = (11 - $sum % 11) % 11;

        return 10 === $check ? 'X' : (string) $check;
    }
}
