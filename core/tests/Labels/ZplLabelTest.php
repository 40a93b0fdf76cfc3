<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Labels;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Labels\LabelSheet;
use TinLantern\Core\Labels\ZplLabel;

final class ZplLabelTest extends TestCase
{
    public function testASpineLabelHasItsLinesOneBelowTheOther(): void
    {
        $zpl = (new ZplLabel(self::roll()))->spine(['REF', '551.46', 'VEN']);
        self::assertStringStartsWith('^XA^CI28^PW200^LL304^LH0,0', $zpl);
        self::assertStringEndsWith("^XZ\n", $zpl);
        preg_match_all('/\^FO(\d+),(\d+)\^A0N,(\d+),\d+\^FH_\^FD([^^]*)\^FS/', $zpl, $fields, \PREG_SET_ORDER);
        self::assertSame(['REF', '551.46', 'VEN'], array_column($fields, 4));
        self::assertSame(['8', '8', '8'], array_column($fields, 1), 'a margin of one millimetre');
        $tops = array_map(intval(...), array_column($fields, 2));
        self::assertGreaterThanOrEqual((int) $fields[0][3], $tops[1] - $tops[0], 'lines do not overlap');
        self::assertEqualsWithDelta($tops[1] - $tops[0], $tops[2] - $tops[1], 1, 'evenly');
    }

    public function testAPrinterWithFinerDotsGetsMoreOfThem(): void
    {
        self::assertStringContainsString('^PW300^LL456', (new ZplLabel(self::roll(), 12))->spine(['551.46']));
    }

    public function testMoreLinesThanALabelHasRoomForAreLeftOut(): void
    {
        self::assertSame(self::roll()->lines(), substr_count((new ZplLabel(self::roll()))->spine(array_fill(0, 40, 'X')), '^FD'));
    }

    /** @return iterable<string, array{bool, string}> */
    public static function codes(): iterable
    {
        yield 'Code 128' => [false, '^BCN,'];
        yield 'Code 39' => [true, '^B3N,N,'];
    }

    #[DataProvider('codes')]
    public function testABarcodeLabelHasTitleAndCode(bool $isCode39, string $command): void
    {
        $zpl = (new ZplLabel(self::roll()))->barcode('Tides of Skellin', '300000001', $isCode39);
        self::assertStringContainsString($command, $zpl);
        self::assertStringContainsString('^FD300000001^FS', $zpl);
        self::assertStringContainsString('Tides of Skell', $zpl);
    }

    public function testWhatIsPrintedIsNeverACommand(): void
    {
        $zpl = (new ZplLabel(self::roll()))->spine(["^XZ~JR_\n"]);
        self::assertSame(1, substr_count($zpl, '^XZ'));
        self::assertStringNotContainsString('~', $zpl);
        self::assertStringContainsString('_5EXZ_7EJR_5F_0A', $zpl);
    }

    private static function roll(): LabelSheet
    {
        return new LabelSheet(25, 38, 1, 1, 0, 0, 25, 38, 25, 38, 11);
    }
}
