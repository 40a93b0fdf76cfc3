<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\Tidy\TidyRules;
use TinLantern\Core\Marc\Tidy\TidyStep;

final class TidyTest extends TestCase
{
    private const FETCHED = "LDR 00000nam a2200000 i 4500\n001 x1\n245 10 \$aTides\$h[text]\n260 ## \$aPort Vesper\n650 #0 \$aTides\n650 #7 \$aTides\$2far\n938 ## \$aVendor\n994 ## \$aC0";

    /** @return iterable<string, array{list<array<string, string>>, list<string>, list<string>}> steps, lines that are gone, lines that are new */
    public static function steps(): iterable
    {
        yield 'remove local fields' => [[['act' => 'remove', 'tags' => '9..']], ['938 ## $aVendor', '994 ## $aC0'], []];
        yield 'remove a subfield' => [[['act' => 'remove', 'tags' => '245', 'code' => 'h']], ['245 10 $aTides$h[text]'], ['245 10 $aTides']];
        yield 'remove by a condition' => [[['act' => 'remove', 'tags' => '650', 'code' => '', 'contains' => 'FAR']], ['650 #7 $aTides$2far'], []];
        yield 'remove what lacks something' => [[['act' => 'remove', 'tags' => '650', 'lacks' => 'far']], ['650 #0 $aTides'], []];
        yield 'remove the only subfield' => [[['act' => 'remove', 'tags' => '938', 'code' => 'a']], ['938 ## $aVendor'], []];
        yield 'add a field' => [[['act' => 'add', 'text' => '040 ## $aVIL']], [], ['040 ## $aVIL']];
        yield 'add nothing twice' => [[['act' => 'add', 'text' => '938 ## $aVendor']], [], []];
        yield 'replace a piece of text' => [[['act' => 'replace', 'tags' => '260', 'code' => 'a', 'text' => 'Port', 'with' => 'New Port']], ['260 ## $aPort Vesper'], ['260 ## $aNew Port Vesper']];
        yield 'replace all of it' => [[['act' => 'replace', 'tags' => '001', 'with' => 'y2']], ['001 x1'], ['001 y2']];
        yield 'move' => [[['act' => 'move', 'tags' => '260', 'with' => '264']], ['260 ## $aPort Vesper'], ['264 ## $aPort Vesper']];
        yield 'in their order' => [[['act' => 'move', 'tags' => '938', 'with' => '590'], ['act' => 'remove', 'tags' => '9..']], ['938 ## $aVendor', '994 ## $aC0'], ['590 ## $aVendor']];
        yield 'nothing to do' => [[['act' => 'remove', 'tags' => '856']], [], []];
    }

    /**
     * @param list<array<string, string>> $steps
     * @param list<string>                $gone
     * @param list<string>                $new
     */
    #[DataProvider('steps')]
    public function testARecordIsTidiedAndToldWhatWasDone(array $steps, array $gone, array $new): void
    {
        $result = (new TidyRules(array_map(TidyStep::of(...), $steps)))->apply(LineText::parse(self::FETCHED));
        $before = explode("\n", self::FETCHED);
        $after = explode("\n", LineText::write($result->record));
        self::assertSame([$gone, $new], [array_values(array_diff($before, $after)), array_values(array_diff($after, $before))]);
        self::assertSame([] === $gone && [] === $new, [] === $result->done);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function faults(): iterable
    {
        yield 'no act' => [['act' => 'polish', 'tags' => '245'], '"polish" is no step'];
        yield 'no tag' => [['act' => 'remove', 'tags' => '9'], '"9" is no tag'];
        yield 'no field' => [['act' => 'add', 'text' => 'VIL'], '"VIL" is no field'];
        yield 'a field that cannot become a control field' => [['act' => 'move', 'tags' => '245', 'with' => '001'], 'cannot become'];
    }

    /** @param array<string, string> $step */
    #[DataProvider('faults')]
    public function testAStepThatIsNoneIsRefusedWithASentence(array $step, string $sentence): void
    {
        $this->expectExceptionMessage($sentence);
        TidyStep::of($step);
    }
}
