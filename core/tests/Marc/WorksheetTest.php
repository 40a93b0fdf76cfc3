<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\Worksheet\Beginning;
use TinLantern\Core\Marc\Worksheet\Worksheet;

final class WorksheetTest extends TestCase
{
    private const LEADER = "LDR 00000nam a2200000 i 4500\n";
    private const BOOK = self::LEADER."008 260101s        xx            000 0 eng d\n040 ## \$aVIL\$b\$cVIL\n100 1# \$a\$eauthor.\n245 10 \$a\$b\n336 ## \$atext\$btxt\n650 #4 \$a";

    /** @return iterable<string, array{string, string}> a record from elsewhere, filled in */
    public static function lacking(): iterable
    {
        $coded = '008 260101s        xx            000 0 eng d';
        yield 'everything that says something' => ['245 10 $aTides', "{$coded}\n040 ## \$aVIL\$cVIL\n245 10 \$aTides\n336 ## \$atext\$btxt"];
        yield 'nothing' => ["008 x\n040 ## \$aXXX\n245 10 \$aTides\n336 ## \$astill image", "008 x\n040 ## \$aXXX\n245 10 \$aTides\n336 ## \$astill image"];
        yield 'one of them, in its place' => ["008 x\n040 ## \$aXXX\n245 10 \$aTides\n500 ## \$aTorn", "008 x\n040 ## \$aXXX\n245 10 \$aTides\n336 ## \$atext\$btxt\n500 ## \$aTorn"];
    }

    #[DataProvider('lacking')]
    public function testARecordIsFilledInWithWhatItLacks(string $fields, string $filledIn): void
    {
        $record = LineText::parse(self::LEADER.$fields);
        self::assertSame(self::LEADER.$filledIn, LineText::write(Beginning::of(self::BOOK)->fillIn($record)));
    }

    public function testAWorksheetThatBeginsWithNothingFillsInNothing(): void
    {
        $record = LineText::parse(self::LEADER.'245 10 $aTides');
        self::assertSame($record, Beginning::of('')->fillIn($record));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function places(): iterable
    {
        yield 'all there' => ["008 x\n245 10 \$aTides\n264 #1 \$bLamp", []];
        yield 'a subfield is missing' => ["008 x\n245 10 \$aTides\n264 #1 \$aPort Vesper", ['264$b']];
        yield 'a field is missing' => ["008 x\n245 10 \$aTides", ['264$b']];
        yield 'blanks are nothing' => ["008   \n245 10 \$a  \n264 #1 \$bLamp", ['008', '245$a']];
        yield 'in any of its repetitions' => ["008 x\n245 10 \$aTides\n264 #1 \$aPort Vesper\n264 #4 \$bLamp", []];
    }

    /** @param list<string> $missing */
    #[DataProvider('places')]
    public function testWhatIsRequiredAndNotThereIsNamed(string $fields, array $missing): void
    {
        self::assertSame($missing, (new Worksheet(['008', '245$a', '264$b'], []))->missing(LineText::parse(self::LEADER.$fields)));
    }

    public function testARecordHasEachFieldOfTheBeginningOnceHoweverOftenItIsFilledIn(): void
    {
        mt_srand(5);
        $beginning = Beginning::of(self::BOOK);
        foreach (range(1, 200) as $round) {
            $fields = array_filter(['008 x', '040 ## $aXXX', '100 1# $aVenn', '245 10 $aTides', '336 ## $atext', '650 #4 $aTides'], static fn (): bool => 1 === mt_rand(0, 1));
            $once = $beginning->fillIn(LineText::parse(self::LEADER.implode("\n", $fields)));
            $tags = array_column($once->fields, 'tag');
            self::assertSame($once, $beginning->fillIn($once));
            self::assertSame([], array_diff(['008', '040', '336'], $tags));
            self::assertSame($tags, array_values(array_unique($tags)), "round {$round}");
            $sorted = $tags;
            sort($sorted);
            self::assertSame($sorted, $tags);
        }
    }
}
