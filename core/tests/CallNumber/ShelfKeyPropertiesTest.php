<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\CallNumber;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use TinLantern\Core\CallNumber\Scheme;
use TinLantern\Core\CallNumber\ShelfKey;

/**
 * What must hold of the place on the shelf for any call number.
 */
final class ShelfKeyPropertiesTest extends TestCase
{
    private Randomizer $dice;

    protected function setUp(): void
    {
        $this->dice = new Randomizer(new Mt19937(42));
    }

    public function testClassesStandByTheirValue(): void
    {
        for ($round = 0; $round < 2000; ++$round) {
            [$one, $other] = [$this->dice->getInt(0, 999_999), $this->dice->getInt(0, 999_999)];
            $written = static fn (int $class): string => \sprintf('%d.%03d', intdiv($class, 1000), $class % 1000);
            self::assertSame($one <=> $other, self::compared($written($one), $written($other), Scheme::Dewey), $written($one).' and '.$written($other));
        }
    }

    public function testLettersAndClassNumbersStandByTheirValue(): void
    {
        for ($round = 0; $round < 2000; ++$round) {
            [$one, $other] = [$this->dice->getInt(1, 9999), $this->dice->getInt(1, 9999)];
            self::assertSame($one <=> $other, self::compared("QA{$one} .C2", "QA{$other} .C2", Scheme::LibraryOfCongress));
            self::assertSame(-1, self::compared("Q{$one}", "QA{$other}", Scheme::LibraryOfCongress));
        }
    }

    public function testVolumesCopiesAndYearsStandByTheirNumber(): void
    {
        foreach (['551.46 VES v.%d', '551.46 VES vol. %d', '551.46 VES v.2 c.%d', '551.46 VES %d'] as $form) {
            for ($round = 0; $round < 400; ++$round) {
                [$one, $other] = [$this->dice->getInt(1, 3000), $this->dice->getInt(1, 3000)];
                self::assertSame($one <=> $other, self::compared(\sprintf($form, $one), \sprintf($form, $other), Scheme::Dewey), $form." {$one} {$other}");
                self::assertSame($one <=> $other, self::compared(\sprintf('CHART %d', $one), \sprintf('Chart %d', $other), Scheme::Local));
            }
        }
    }

    public function testTheShorterOneStandsBeforeWhatContinuesIt(): void
    {
        for ($round = 0; $round < 1000; ++$round) {
            $short = $this->callNumber();
            $long = $short.[' v.3', ' 1998', ' ABL'][$this->dice->getInt(0, 2)];
            self::assertSame(-1, self::compared($short, $long, Scheme::Dewey), "{$short} and {$long}");
        }
    }

    public function testCaseBlanksAndAccentsMakeNoDifference(): void
    {
        for ($round = 0; $round < 1000; ++$round) {
            $written = $this->callNumber();
            $otherwise = '  '.str_replace([' ', 'E', 'O'], ["\u{A0} ", 'É', 'ö'], strtolower($written) === $written ? $written : ucwords(strtolower($written))).' ';
            self::assertSame(ShelfKey::of($written, Scheme::Dewey)->bytes, ShelfKey::of($otherwise, Scheme::Dewey)->bytes, $otherwise);
        }
    }

    public function testWhateverIsWrittenHasAPlaceAndGarbageStandsBehindWhatIsUnderstood(): void
    {
        $pieces = ['823', '.', '9', ' ', 'ABL', 'v.', '12', '?', '/', 'Ω', "\u{0}", '-', 'QA', '~', '(', 'é', str_repeat('x', 80)];
        $last = '';
        $firstGarbage = "\xFF";
        for ($round = 0; $round < 5000; ++$round) {
            $written = '';
            for ($left = $this->dice->getInt(0, 7); $left > 0; --$left) {
                $written .= $pieces[$this->dice->getInt(0, \count($pieces) - 1)];
            }
            $key = ShelfKey::of($written, Scheme::Dewey);
            self::assertLessThanOrEqual(190, \strlen($key->bytes));
            self::assertSame($key->bytes, ShelfKey::of($written, Scheme::Dewey)->bytes);
            $key->understood ? $last = max($last, $key->bytes) : $firstGarbage = min($firstGarbage, $key->bytes);
        }
        self::assertLessThan(0, strcmp($last, $firstGarbage));
    }

    private function callNumber(): string
    {
        $letters = 'ABCDEFGHIJKLMNOPRSTU';
        $mark = $letters[$this->dice->getInt(0, 19)].$letters[$this->dice->getInt(0, 19)].$letters[$this->dice->getInt(0, 19)];

        return \sprintf('%03d.%d %s', $this->dice->getInt(0, 999), $this->dice->getInt(1, 99), $mark);
    }

    private static function compared(string $one, string $other, Scheme $scheme): int
    {
        return strcmp(ShelfKey::of($one, $scheme)->bytes, ShelfKey::of($other, $scheme)->bytes) <=> 0;
    }
}
