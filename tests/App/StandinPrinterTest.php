<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\TestCase;
use TinLantern\Core\Labels\LabelSheet;
use TinLantern\Core\Labels\ZplLabel;
use TinLantern\Standins\LabelPrinter;

/**
 * The simulated label printer shows what it was sent.
 */
final class StandinPrinterTest extends TestCase
{
    private string $directory;

    protected function setUp(): void
    {
        $this->directory = sys_get_temp_dir().'/tl-printer-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        $files = glob($this->directory.'/*');
        foreach (false === $files ? [] : $files as $file) {
            unlink($file);
        }
        @rmdir($this->directory);
    }

    public function testAJobThatComesTwiceIsPrintedOnce(): void
    {
        $printer = new LabelPrinter($this->directory);
        $zpl = self::label()->spine(['REF', '551.46', 'VEN']).self::label()->spine(['<b>&', 'M~X^Y_Z']);
        $printer->print('one', $zpl);
        $printer->print('one', $zpl);
        $page = $printer->page();
        self::assertSame(2, substr_count($page, '<svg'));
        self::assertStringContainsString('>551.46</text>', $page);
        self::assertStringContainsString('>&lt;b&gt;&amp;</text>', $page);
        self::assertStringContainsString('>M~X^Y_Z</text>', $page, 'what was escaped on the way is as it was');
    }

    public function testBarsHaveTheWidthsOfTheirCode(): void
    {
        $printer = new LabelPrinter($this->directory);
        $printer->print('one', self::label()->barcode('Tides of Skellin', '300000001', false));
        preg_match_all('/<rect x="(\d+)" y="\d+" width="(\d+)"/', $printer->page(), $bars, \PREG_SET_ORDER);
        $last = $bars[\count($bars) - 1];
        $width = (int) $last[1] + (int) $last[2] - (int) $bars[0][1];
        // Code 128: every character is eleven modules wide, the stop thirteen; a module is two dots here.
        self::assertSame(13 * 2 % (11 * 2), $width % (11 * 2));
        self::assertGreaterThanOrEqual(7 * 11 * 2, $width);
    }

    public function testAPrinterThatHasPrintedNothingSaysSo(): void
    {
        self::assertStringContainsString('Nothing yet.', (new LabelPrinter($this->directory))->page());
    }

    private static function label(): ZplLabel
    {
        return new ZplLabel(new LabelSheet(50, 25, 1, 1, 0, 0, 50, 25, 50, 25, 10));
    }
}
