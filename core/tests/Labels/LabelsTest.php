<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Labels;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Labels\LabelSheet;
use TinLantern\Core\Labels\LineBreaks;

final class LabelsTest extends TestCase
{
    /** @return iterable<string, array{string, int, list<string>}> */
    public static function callNumbers(): iterable
    {
        yield 'at each space' => ['REF 551.46 VEN', 8, ['REF', '551.46', 'VEN']];
        yield 'before a cutter' => ['QA76.73.P98 2004', 8, ['QA76.73', '.P98', '2004']];
        yield 'before two cutters' => ['M1.A2.B3', 8, ['M1', '.A2', '.B3']];
        yield 'a long class number before its point, then in threes' => ['551.4609163 VEN', 8, ['551', '.460', '916', '3', 'VEN']];
        yield 'one that just fits' => ['551.4609 VEN', 8, ['551.4609', 'VEN']];
        yield 'what belongs together' => ['CHART Vesper~North', 8, ['CHART', 'Vesper North']];
        yield 'two spaces are one' => ['J  FIC', 8, ['J', 'FIC']];
        yield 'a word that is too long stays whole' => ['ASTRONOMICAL 3', 8, ['ASTRONOMICAL', '3']];
        yield 'nothing' => ['  ', 8, []];
    }

    /** @param list<string> $lines */
    #[DataProvider('callNumbers')]
    public function testACallNumberIsDividedIntoLines(string $callNumber, int $width, array $lines): void
    {
        self::assertSame($lines, LineBreaks::of($callNumber, $width));
    }

    public function testNothingIsLostInBreaking(): void
    {
        foreach (['551.4609163 VEN v.2', 'QA76.73.P98.X1 2004', 'J FIC ABL', '003.14159265358979'] as $callNumber) {
            for ($width = 3; $width < 15; ++$width) {
                self::assertSame(str_replace(' ', '', $callNumber), implode('', LineBreaks::of($callNumber, $width)));
            }
        }
    }

    public function testLabelsStandOneBesideTheOtherAndThenOnTheNextPage(): void
    {
        $sheet = new LabelSheet(210, 297, 5, 13, 10, 11, 36, 21, 38, 21, 10);
        self::assertTrue($sheet->fits());
        self::assertSame([0, 10.0, 11.0], [$sheet->place(0)->page, $sheet->place(0)->x, $sheet->place(0)->y]);
        self::assertSame([0, 48.0, 32.0], [$sheet->place(6)->page, $sheet->place(6)->x, $sheet->place(6)->y]);
        self::assertSame([1, 10.0, 11.0], [$sheet->place(65)->page, $sheet->place(65)->x, $sheet->place(65)->y]);
        self::assertFalse((new LabelSheet(210, 297, 6, 13, 10, 11, 36, 21, 38, 21, 10))->fits());
    }
}
