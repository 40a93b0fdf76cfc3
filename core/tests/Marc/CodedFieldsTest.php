<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\Definition\CodedPosition;
use TinLantern\Core\Marc\Definition\Definitions;
use TinLantern\Core\Marc\Definition\Material;
use TinLantern\Core\Marc\Definition\RecordCheck;
use TinLantern\Core\Marc\LineText;

final class CodedFieldsTest extends TestCase
{
    private const TITLE = "\n245 10 \$aTides";

    /** @return iterable<string, array{string, string}> leader, the coded field */
    public static function rightlyCoded(): iterable
    {
        yield 'a book' => ['00000nam a2200000 i 4500', '008 260303s2019    xx abcd  b    001 0 eng d'];
        yield 'a yearbook' => ['00000nas a2200000 i 4500', '008 260303c20199999xx ar p o     0   a0eng d'];
        yield 'a score of jazz' => ['00000ncm a2200000 i 4500', '008 260303s2019    xx jzaeg abcde n  n eng d'];
        yield 'a talking book' => ['00000nim a2200000 i 4500', '008 260303s2019    xx nnnng       f  n eng d'];
        yield 'a nautical chart in the Mercator projection' => ['00000nem a2200000 i 4500', '008 260303s2019    xx aegibd a     1 e eng d'];
        yield 'a film of 95 minutes' => ['00000ngm a2200000 i 4500', '008 260303s2019    xx 095 g          vleng d'];
        yield 'a compact disc' => ['00000njm a2200000 i 4500', '007 sd fsngnnmmned'];
        yield 'a DVD' => ['00000ngm a2200000 i 4500', '007 vd cvaizq'];
        yield 'an electronic text' => ['00000nam a2200000 i 4500', '007 cr |||||||||||'];
        yield 'a microfilm' => ['00000nam a2200000 i 4500', '007 hd afb024baca'];
        yield 'a globe' => ['00000nem a2200000 i 4500', '007 dc cen'];
        yield 'braille' => ['00000nam a2200000 i 4500', '007 fb a bnnnn'];
        yield 'slides' => ['00000ngm a2200000 i 4500', '007 gs cj  jc'];
        yield 'a photograph' => ['00000nkm a2200000 i 4500', '007 kv bo '];
        yield 'a reel of film' => ['00000ngm a2200000 i 4500', '007 mr caaadmnarpabac198606'];
        yield 'a satellite image' => ['00000nem a2200000 i 4500', '007 ru cu7faaaa'];
        yield 'a kit' => ['00000nom a2200000 i 4500', '007 ou'];
        yield 'a book with a disc' => ['00000nam a2200000 i 4500', '006 jsyefg  d       n '];
    }

    #[DataProvider('rightlyCoded')]
    public function testWhatTheStandardProvidesForIsNotRemarkedOn(string $leader, string $field): void
    {
        self::assertSame([], self::remarks($leader, $field));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function wronglyCoded(): iterable
    {
        yield 'a form of composition' => ['00000ncm a2200000 i 4500', '008 260303s2019    xx xxaeg abcde n  n eng d', 'Position 18 of 008 (Form of composition) does not know "xx".'];
        yield 'half of a form of composition' => ['00000ncm a2200000 i 4500', '008 260303s2019    xx j aeg abcde n  n eng d', 'Position 18 of 008 (Form of composition) does not know "j#".'];
        yield 'relief' => ['00000nem a2200000 i 4500', '008 260303s2019    xx ahgibd a     1 e eng d', 'Position 18 of 008 (Relief) does not know "ahgi".'];
        yield 'the speed of a disc' => ['00000njm a2200000 i 4500', '007 sd gsngnnmmned', 'Position 3 of 007 (Speed) does not know "g".'];
        yield 'the sort of a globe' => ['00000nem a2200000 i 4500', '007 dd cen', 'Position 1 of 007 (Specific material designation) does not know "d".'];
        yield 'a type of data' => ['00000nem a2200000 i 4500', '007 ru cu7faaab', 'Position 9 of 007 (Data type) does not know "ab".'];
        yield 'the format of music in an 006' => ['00000nam a2200000 i 4500', '006 jsyqfg  d       n ', 'Position 3 of 006 (Format of music) does not know "q".'];
    }

    #[DataProvider('wronglyCoded')]
    public function testWhatItDoesNotProvideForIsSaidWithItsPosition(string $leader, string $field, string $sentence): void
    {
        self::assertSame([$sentence], self::remarks($leader, $field));
    }

    public function testEveryPositionHasItsValuesExceptThoseThatHoldNumbersPlacesAndLanguages(): void
    {
        $free = [];
        foreach (self::positions() as [$field, $kind, $position]) {
            if ([] === $position->values) {
                $free[$position->name] = true;
            }
            foreach (array_keys($position->values) as $code) {
                self::assertContains(\strlen((string) $code), [1, $position->length], "{$field} {$kind} {$position->name}: {$code}");
            }
        }
        $expected = [
            'Date 1', 'Date 2', 'Date entered on file', 'Film inspection date (year and month)', 'Image bit depth (three digits, mmm, nnn or ---)', 'Language', 'Place of publication',
            'Reduction ratio (three digits)', 'Running time (minutes in three digits, 000, nnn or ---)',
        ];
        ksort($free);
        self::assertSame($expected, array_keys($free));
    }

    public function testEveryCategoryOf007HasPositions(): void
    {
        foreach (array_keys(Definitions::names('007 categories')) as $category) {
            self::assertNotSame([], Definitions::positions('007', (string) $category), (string) $category);
        }
    }

    public function testAPositionTakesCodesOfItsWholeLengthOrOneForEachCharacter(): void
    {
        $whole = new CodedPosition(18, 2, 'Form of composition', ['jz' => 'Jazz', '||' => 'No attempt to code']);
        $each = new CodedPosition(24, 3, 'Accompanying matter', [' ' => 'None', 'a' => 'Discography', 'b' => 'Bibliography']);
        self::assertSame([true, true, false, false], array_map($whole->allows(...), ['jz', '||', 'j|', 'zj']));
        self::assertSame([true, true, false], array_map($each->allows(...), ['ab ', '   ', 'abx']));
    }

    /** @return iterable<array{string, string, CodedPosition}> */
    private static function positions(): iterable
    {
        $materials = array_column(Material::cases(), 'value');
        foreach (['LDR' => [''], '006' => $materials, '007' => array_map(strval(...), array_keys(Definitions::names('007 categories'))), '008' => $materials] as $field => $kinds) {
            foreach ($kinds as $kind) {
                foreach (Definitions::positions($field, $kind) as $position) {
                    yield [$field, $kind, $position];
                }
            }
        }
    }

    /** @return list<string> */
    private static function remarks(string $leader, string $field): array
    {
        return array_map(static fn ($remark): string => $remark->sentence, RecordCheck::of(LineText::parse("LDR {$leader}\n{$field}".self::TITLE)));
    }
}
