<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Matching;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Matching\Issn;
use TinLantern\Core\Matching\KeyKind;
use TinLantern\Core\Matching\Likeness;
use TinLantern\Core\Matching\LikenessAspect;
use TinLantern\Core\Matching\MatchFacts;
use TinLantern\Core\Matching\MatchRule;

final class MatchingTest extends TestCase
{
    private const TIDES = "001 vi17\n003 VIL\n008 260101s2019    xx            000 0 eng d\n020 ## \$a9783000000010 (pbk.)\n100 1# \$aVenn, Mara\n245 14 \$aThe tides of Skellin :\$ba pilot's book";

    /** @return iterable<string, array{string, list<string>}> */
    public static function keys(): iterable
    {
        yield 'an ISBN with a qualifier' => ['020 ## $a3-00-000001-1 (pbk.)', ['i9783000000010']];
        yield 'an ISBN with a wrong check digit is not used' => ['020 ## $a9783000000011', []];
        yield 'an ISSN' => ['022 ## $a0378-5955', ['s03785955']];
        yield 'an ISSN with a wrong check digit' => ['022 ## $a0378-5956', []];
        yield '001 with 003' => ["001 vi17\n003 VIL", ['cVIL:vi17']];
        yield '001 alone' => ['001 vi17', ['c?:vi17']];
        yield '035 with its source' => ['035 ## $a(VIL)vi17', ['cVIL:vi17']];
        yield '035 without a source is nobody\'s number' => ['035 ## $avi17', []];
        yield 'the same number in 001 and 035 is one key' => ["001 vi17\n003 VIL\n035 ## \$a(VIL)vi17", ['cVIL:vi17']];
    }

    /** @param list<string> $expected */
    #[DataProvider('keys')]
    public function testNumbersBecomeKeys(string $lines, array $expected): void
    {
        self::assertSame($expected, self::facts($lines)->keys());
    }

    /** @return iterable<string, array{string, bool}> */
    public static function titles(): iterable
    {
        yield 'case, diacritics and punctuation' => ["008 260101s2019\n100 1# \$aVénn, M.\n245 10 \$aTIDES of Skellín /\$ba pilot’s book.", true];
        yield 'the article by its indicator' => ["008 260101s2019\n100 1# \$aVenn, Mara\n245 04 \$aThe tides of Skellin :\$ba pilot's book", true];
        yield 'another year' => ["008 260101s2020\n100 1# \$aVenn, Mara\n245 10 \$aTides of Skellin :\$ba pilot's book", false];
        yield 'another name' => ["008 260101s2019\n100 1# \$aOrrow, Tam\n245 10 \$aTides of Skellin :\$ba pilot's book", false];
        yield 'a volume' => ["008 260101s2019\n100 1# \$aVenn, Mara\n245 10 \$aTides of Skellin :\$ba pilot's book.\$nVolume 2", false];
    }

    #[DataProvider('titles')]
    public function testTheTitleKeySeesThroughSpelling(string $lines, bool $same): void
    {
        self::assertSame($same, self::facts(self::TIDES)->keysOf(KeyKind::Title) === self::facts($lines)->keysOf(KeyKind::Title));
    }

    /** @return iterable<string, array{string, string, list<LikenessAspect>}> */
    public static function differences(): iterable
    {
        yield 'another date' => ['s2019', 's2021', [LikenessAspect::Year]];
        yield 'another number' => ['9783000000010', '9783000000027', [LikenessAspect::Number]];
        yield 'another title' => ['The tides of Skellin :$ba pilot\'s book', 'Knitting for gulls', [LikenessAspect::Title]];
        yield 'a slip in the title' => ['Skellin', 'Skelin', []];
        yield 'another author' => ['Venn, Mara', 'Orrowby, Tam', [LikenessAspect::Author]];
    }

    /** @param list<LikenessAspect> $expected */
    #[DataProvider('differences')]
    public function testLikenessSaysInWhatTwoRecordsDiffer(string $from, string $to, array $expected): void
    {
        $likeness = Likeness::between(self::facts(self::TIDES), self::facts(str_replace($from, $to, self::TIDES)));
        self::assertSame($expected, $likeness->differences());
        self::assertLessThan(1.0, $likeness->score);
    }

    public function testEditionsAndVolumesAreToldApartByTheirNumbers(): void
    {
        $second = self::facts(self::TIDES."\n250 ## \$a2nd edition");
        self::assertSame([LikenessAspect::Edition], Likeness::between($second, self::facts(self::TIDES."\n250 ## \$a3rd edition"))->differences());
        self::assertSame([], Likeness::between($second, self::facts(self::TIDES."\n250 ## \$a2. ed."))->differences());
        self::assertLessThan(1.0, Likeness::between($second, self::facts(self::TIDES))->score);
    }

    public function testARecordIsEntirelyLikeItselfAndLikenessIsMutual(): void
    {
        $all = [self::facts(self::TIDES), self::facts('245 10 $aKnitting'), self::facts("245 10 \$a潮の本\n250 ## \$a2版"), self::facts('500 ## $aNo title')];
        foreach ($all as $one) {
            self::assertSame(1.0, Likeness::between($one, $one)->score);
            foreach ($all as $other) {
                self::assertSame(Likeness::between($one, $other)->score, Likeness::between($other, $one)->score);
            }
        }
    }

    public function testTheMostTrustedKeyWins(): void
    {
        $rule = new MatchRule([KeyKind::Control, KeyKind::Isbn], []);
        $match = $rule->best(self::facts(self::TIDES), [
            1 => self::facts(str_replace('vi17', 'vi99', self::TIDES)),
            2 => self::facts("001 vi17\n003 VIL\n245 10 \$aTides"),
        ]);
        self::assertSame([2, KeyKind::Control, true], [$match?->id, $match?->on, $match?->agrees]);
    }

    public function testOfTwoWithTheSameKeyTheMoreAlikeWins(): void
    {
        $rule = new MatchRule([KeyKind::Isbn], []);
        self::assertSame(2, $rule->best(self::facts(self::TIDES), [1 => self::facts(str_replace('s2019', 's1999', self::TIDES)), 2 => self::facts(self::TIDES)])?->id);
    }

    public function testTheSameIsbnOnAnotherFormatIsOnlyNear(): void
    {
        $rule = new MatchRule([KeyKind::Isbn], [LikenessAspect::Format]);
        $match = $rule->best(self::facts(self::TIDES), [1 => self::facts(self::TIDES, '00000nim a2200000 i 4500')]);
        self::assertSame([1, false, [LikenessAspect::Format]], [$match?->id, $match?->agrees, $match?->likeness->differences()]);
        self::assertNull($rule->best(self::facts(self::TIDES), [1 => self::facts('245 10 $aOther')]));
    }

    public function testTheSameTitleWithAnotherIsbnIsOnlyNear(): void
    {
        $rule = new MatchRule([KeyKind::Isbn, KeyKind::Title], []);
        $other = self::facts(str_replace('9783000000010', '9783000000027', self::TIDES));
        self::assertSame([KeyKind::Title, false], [$rule->best(self::facts(self::TIDES), [1 => $other])?->on, $rule->best(self::facts(self::TIDES), [1 => $other])?->agrees]);
        self::assertTrue($rule->best(self::facts(self::TIDES), [1 => self::facts(str_replace('020 ## $a9783000000010 (pbk.)', '500 ## $aNote', self::TIDES))])?->agrees);
    }

    public function testAnIssnWithAnXIsRead(): void
    {
        self::assertSame('2434561X', Issn::tryFrom('ISSN 2434-561x')?->eight);
        self::assertNull(Issn::tryFrom('2434-561'));
    }

    private static function facts(string $lines, string $leader = '00000nam a2200000 i 4500'): MatchFacts
    {
        $record = LineText::parse("LDR {$leader}\n{$lines}");

        return MatchFacts::of($record, BriefDescription::of($record));
    }
}
