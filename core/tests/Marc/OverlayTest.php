<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Core\Marc\TagPattern;

final class OverlayTest extends TestCase
{
    private const LEADER = "LDR 00000nam a2200000 i 4500\n";
    private const OURS = "001 vi1\n003 VIL\n245 10 \$aTides\n590 ## \$aGift of the harbour master\n650 #4 \$aTides\n949 ## \$aShelf-worn";
    private const THEIRS = "001 br77\n003 BRN\n245 10 \$aTides of Skellin\n300 ## \$a212 pages\n590 ## \$aTheir own note\n650 #0 \$aTides";

    /** @return iterable<string, array{list<string>, string}> tags that are kept, the record */
    public static function kept(): iterable
    {
        yield 'nothing' => [[], self::THEIRS];
        yield 'local notes, beside theirs' => [['59.'], "001 br77\n003 BRN\n245 10 \$aTides of Skellin\n300 ## \$a212 pages\n590 ## \$aTheir own note\n590 ## \$aGift of the harbour master\n650 #0 \$aTides"];
        yield 'our number' => [['001', '003'], "001 vi1\n003 VIL\n245 10 \$aTides of Skellin\n300 ## \$a212 pages\n590 ## \$aTheir own note\n650 #0 \$aTides"];
        yield 'at the end' => [['9..'], self::THEIRS."\n949 ## \$aShelf-worn"];
        yield 'our headings in their place' => [['6..'], self::THEIRS."\n650 #4 \$aTides"];
    }

    /** @param list<string> $tags */
    #[DataProvider('kept')]
    public function testTheirsTakesThePlaceOfOursAndSomeFieldsStay(array $tags, string $expected): void
    {
        self::assertSame(self::LEADER.$expected, LineText::write(Overlay::keeping(self::record(self::THEIRS), self::record(self::OURS), $tags)));
    }

    public function testAFieldThatBothHaveIsNotDoubled(): void
    {
        $record = self::record(self::OURS);
        self::assertEquals($record, Overlay::keeping($record, $record, ['...']));
    }

    public function testAFieldIsPlacedBehindTheLastOneThatDoesNotGoBeyondItsTag(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 200; ++$round) {
            $tags = array_map(static fn (): string => (string) mt_rand(100, 999), range(1, mt_rand(1, 12)));
            sort($tags);
            $fields = array_map(static fn (string $tag): DataField => DataField::of($tag, '  ', 'a', 'there'), $tags);
            $new = DataField::of((string) mt_rand(100, 999), '  ', 'a', 'new');
            $placed = Overlay::placed($fields, $new);
            $after = array_column($placed, 'tag');
            $sorted = $after;
            sort($sorted);
            self::assertSame($sorted, $after);
            $same = array_keys($after, $new->tag, true);
            self::assertSame($new, $placed[(int) end($same)], 'behind those with the same tag');
        }
    }

    public function testInARecordThatIsOutOfOrderNothingElseMoves(): void
    {
        $fields = [DataField::of('650', ' 4', 'a', 'x'), DataField::of('245', '10', 'a', 'y'), DataField::of('900', '  ', 'a', 'z')];
        self::assertSame(['650', '245', '300', '900'], array_column(Overlay::placed($fields, DataField::of('300', '  ', 'a', 'new')), 'tag'));
        self::assertSame(['001', '650', '245', '900'], array_column(Overlay::placed($fields, new ControlField('001', 'x')), 'tag'));
    }

    /** @return iterable<array{string, list<string>, bool}> */
    public static function patterns(): iterable
    {
        yield ['650', ['650'], true];
        yield ['650', ['6..'], true];
        yield ['650', ['.5.'], true];
        yield ['650', ['...'], true];
        yield ['650', ['651', '653'], false];
        yield ['650', ['.0.'], false];
        yield ['650', [], false];
        yield ['650', ['65'], false];
        yield ['09X', ['09.'], true];
    }

    /** @param list<string> $patterns */
    #[DataProvider('patterns')]
    public function testADotStandsForAnyCharacterOfATag(string $tag, array $patterns, bool $matches): void
    {
        self::assertSame($matches, TagPattern::matchesAny($tag, $patterns));
    }

    public function testOnlyThreeCharactersAreATag(): void
    {
        self::assertSame(['650', '6..', '09X', '...'], array_values(array_filter(['650', '6..', '09X', '...', '65', '6500', '6$0', '6 0', '', "650\n"], TagPattern::isOne(...))));
    }

    private static function record(string $fields): MarcRecord
    {
        return LineText::parse(self::LEADER.$fields);
    }
}
