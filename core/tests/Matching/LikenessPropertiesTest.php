<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Matching;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Matching\KeyKind;
use TinLantern\Core\Matching\Likeness;
use TinLantern\Core\Matching\LikenessAspect;
use TinLantern\Core\Matching\MatchFacts;
use TinLantern\Core\Matching\MatchRule;

/**
 * What must hold of likeness and matching for any two records.
 */
final class LikenessPropertiesTest extends TestCase
{
    public function testLikenessIsTheSameFromBothSidesAndOneOnlyWhereNothingTellsAgainstIt(): void
    {
        $some = iterator_to_array(self::some(60), false);
        foreach ($some as $one) {
            self::assertSame(1.0, Likeness::between($one, $one)->score);
            self::assertSame([], Likeness::between($one, $one)->differences());
            foreach ($some as $other) {
                $there = Likeness::between($one, $other);
                $back = Likeness::between($other, $one);
                self::assertSame($there->score, $back->score);
                self::assertSame($there->differences(), $back->differences());
                self::assertTrue(0.0 <= $there->score && $there->score <= 1.0);
                self::assertCount(\count(LikenessAspect::cases()), $there->parts);
                self::assertSame([] === $there->differences(), $there->agreesIn(LikenessAspect::cases()));
                if ([] !== $there->differences()) {
                    self::assertLessThan(1.0, $there->score);
                }
            }
        }
    }

    public function testTheBestMatchIsTheMostAlikeOfThoseThatAgreeHoweverTheyAreOrdered(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        $rule = new MatchRule([KeyKind::Isbn, KeyKind::Title], [LikenessAspect::Year, LikenessAspect::Format]);
        $some = iterator_to_array(self::some(40), false);
        $matched = 0;
        foreach ($some as $one) {
            $candidates = [];
            foreach ($some as $id => $other) {
                if ([] !== array_intersect($rule->keysOf($one), $rule->keysOf($other))) {
                    $candidates[$id + 1] = $other;
                }
            }
            $best = $rule->best($one, $candidates);
            if (null === $best) {
                continue;
            }
            $shuffled = [];
            foreach ($dice->shuffleArray(array_keys($candidates)) as $id) {
                $shuffled[$id] = $candidates[$id];
            }
            self::assertSame($best->likeness->score, $rule->best($one, $shuffled)?->likeness->score);
            if ($best->agrees) {
                ++$matched;
                self::assertTrue($best->likeness->agreesIn([LikenessAspect::Year, LikenessAspect::Format]));
            }
        }
        self::assertGreaterThanOrEqual(40, $matched, 'each matches itself at least');
    }

    public function testWithoutAKeyInCommonNothingMatches(): void
    {
        $rule = new MatchRule([KeyKind::Control], []);
        [$one] = iterator_to_array(self::some(1), false);
        self::assertSame([], $rule->keysOf($one));
        self::assertNull($rule->best($one, []));
    }

    /** @return iterable<MatchFacts> made of few titles, names, years and numbers, so that many have much in common */
    private static function some(int $count): iterable
    {
        $dice = new Randomizer(new Mt19937(5));
        $pick = static fn (string ...$of): string => array_values($of)[$dice->getInt(0, \count($of) - 1)];
        for ($number = 0; $number < $count; ++$number) {
            $lines = 'LDR 00000n'.$pick('a', 'a', 'a', 'i', 'c')."m a2200000 i 4500\n008 260101s".$pick('2019', '2019', '2020', '    ').'    xx            000 0 eng d';
            $lines .= $pick('', "\n020 ## \$a9783000000010", "\n020 ## \$a9783000000027");
            $lines .= $pick('', "\n100 1# \$aVenn, Mara", "\n100 1# \$aOrrow, Tam", "\n100 1# \$aVénn, M.");
            $lines .= "\n245 ".$pick('10 $aTides of Skellin', '14 $aThe tides of Skellin', '10 $aKnitting for gulls', '10 $aTides').$pick('', '$nVolume 1', '$nVolume 2');
            $lines .= $pick('', "\n250 ## \$aSecond edition", "\n250 ## \$a2nd ed.");
            $record = LineText::parse($lines);
            yield MatchFacts::of($record, BriefDescription::of($record));
        }
    }
}
