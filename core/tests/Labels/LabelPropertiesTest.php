<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Labels;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use TinLantern\Core\Barcode\BarcodeRange;
use TinLantern\Core\Labels\LabelSheet;
use TinLantern\Core\Labels\LineBreaks;

/**
 * What must hold for any label.
 */
final class LabelPropertiesTest extends TestCase
{
    public function testNoCharacterOfACallNumberIsLostByBreakingIt(): void
    {
        $dice = new Randomizer(new Mt19937(3));
        $parts = ['823', '.91', '551.4609163', 'ABL', ' ', '  ', 'QA76', '.73', '.C15', '~', 'REF', 'v.10', 'Ölzeug', '1998', 'Unbreakablylongword', '.'];
        for ($round = 0; $round < 1500; ++$round) {
            $callNumber = '';
            for ($left = $dice->getInt(0, 8); $left > 0; --$left) {
                $callNumber .= $parts[$dice->getInt(0, \count($parts) - 1)];
            }
            $width = $dice->getInt(3, 14);
            $lines = LineBreaks::of($callNumber, $width);
            self::assertSame(self::bare(strtr($callNumber, ['~' => ' '])), self::bare(implode('', $lines)), "{$callNumber} at {$width}");
            foreach ($lines as $line) {
                self::assertNotSame('', $line);
            }
            if (!str_contains($callNumber, '~')) {
                self::assertSame(\count($lines), \count(array_filter($lines, static fn (string $line): bool => !str_contains($line, ' '))), 'it breaks at each space');
            }
        }
    }

    public function testAWiderLabelNeverNeedsMoreLines(): void
    {
        foreach (['REF 551.4609163 VEN v.2', 'QA76.73.C15 2004', '823.91~ABL 1998', 'CHART 118', '641.59163 SMI 2004 c.2'] as $callNumber) {
            $before = \PHP_INT_MAX;
            for ($width = 3; $width < 30; ++$width) {
                $lines = \count(LineBreaks::of($callNumber, $width));
                self::assertLessThanOrEqual($before, $lines, "{$callNumber} at {$width}");
                $before = $lines;
            }
        }
    }

    public function testLabelsOfASheetStandBesideEachOtherOnThePage(): void
    {
        foreach ([new LabelSheet(210, 297, 5, 13, 4.7, 11, 38.1, 21.2, 40.6, 21.2, 8), new LabelSheet(215.9, 279.4, 3, 10, 4.8, 12.7, 66.7, 25.4, 69.9, 25.4, 9), new LabelSheet(50, 30, 1, 1, 0, 0, 50, 30, 50, 30, 10)] as $sheet) {
            self::assertTrue($sheet->fits());
            $seen = [];
            for ($place = 0; $place < 3 * $sheet->perPage(); ++$place) {
                $label = $sheet->place($place);
                self::assertSame(intdiv($place, $sheet->perPage()), $label->page);
                self::assertTrue($label->x >= 0 && $label->x + $sheet->width <= $sheet->pageWidth + 0.01, "label {$place} is on the page");
                self::assertTrue($label->y >= 0 && $label->y + $sheet->height <= $sheet->pageHeight + 0.01, "label {$place} is on the page");
                $seen[\sprintf('%d %.2f %.2f', $label->page, $label->x, $label->y)] = true;
            }
            self::assertCount(3 * $sheet->perPage(), $seen, 'no two stand at one place');
        }
    }

    public function testASheetThatDoesNotFitIsKnown(): void
    {
        self::assertFalse((new LabelSheet(210, 297, 6, 13, 4.7, 11, 38.1, 21.2, 40.6, 21.2, 8))->fits());
        self::assertFalse((new LabelSheet(210, 297, 5, 14, 4.7, 11, 38.1, 21.2, 40.6, 21.2, 8))->fits());
    }

    public function testACheckDigitNoticesEachSingleSlipOfADigit(): void
    {
        foreach ([BarcodeRange::LUHN, BarcodeRange::EAN] as $check) {
            $range = new BarcodeRange('3', 7, $check);
            $barcodes = array_map(static fn (int $number): string => (string) $range->barcode($number), range(1, 400));
            self::assertCount(400, array_unique($barcodes));
            $valid = array_fill_keys($barcodes, true);
            foreach (\array_slice($barcodes, 0, 60) as $barcode) {
                for ($at = 0; $at < \strlen($barcode); ++$at) {
                    for ($digit = 0; $digit <= 9; ++$digit) {
                        $slipped = substr_replace($barcode, (string) $digit, $at, 1);
                        self::assertSame($slipped === $barcode, isset($valid[$slipped]), "{$barcode} read as {$slipped}");
                    }
                }
            }
        }
    }

    private static function bare(string $text): string
    {
        return str_replace(' ', '', $text);
    }
}
