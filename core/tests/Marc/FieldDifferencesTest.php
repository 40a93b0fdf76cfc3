<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\FieldDifference;
use TinLantern\Core\Marc\FieldDifferences;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;

final class FieldDifferencesTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<array{string|null, string|null}>}> */
    public static function records(): iterable
    {
        yield 'nothing' => ['245 10 $aTides', '245 10 $aTides', []];
        yield 'a changed field' => ['245 10 $aTides of Skellin', '245 10 $aTides of Farrow', [['245 10 $aTides of Skellin', '245 10 $aTides of Farrow']]];
        yield 'a field too many' => ["245 10 \$aTides\n500 ## \$aNote", '245 10 $aTides', [['500 ## $aNote', null]]];
        yield 'a field too few' => ['245 10 $aTides', "245 10 \$aTides\n500 ## \$aNote", [[null, '500 ## $aNote']]];
        yield 'equal ones find each other first' => ["650 #0 \$aTides\n650 #0 \$aBoats", "650 #0 \$aBoats\n650 #0 \$aTide tables", [['650 #0 $aTides', '650 #0 $aTide tables']]];
        yield 'what is nothing alike stands alone' => ['650 #0 $aKnitting', '650 #0 $aVolcanoes', [['650 #0 $aKnitting', null], [null, '650 #0 $aVolcanoes']]];
    }

    /** @param list<array{string|null, string|null}> $expected */
    #[DataProvider('records')]
    public function testRecordsStandSideBySide(string $left, string $right, array $expected): void
    {
        $differing = array_filter(FieldDifferences::between(self::record($left), self::record($right)), static fn (FieldDifference $pair): bool => !$pair->isSame());
        self::assertSame($expected, array_values(array_map(static fn (FieldDifference $pair): array => [$pair->left, $pair->right], $differing)));
    }

    public function testEveryFieldOfBothIsThereOnce(): void
    {
        $records = iterator_to_array(Records::odd(60), false);
        foreach ($records as $index => $one) {
            $other = $records[($index * 7 + 3) % 60];
            $pairs = FieldDifferences::between($one, $other);
            self::assertCount(\count($one->fields) + 1, array_filter($pairs, static fn (FieldDifference $pair): bool => null !== $pair->left));
            self::assertCount(\count($other->fields) + 1, array_filter($pairs, static fn (FieldDifference $pair): bool => null !== $pair->right));
        }
    }

    public function testLengthsInTheLeaderAreNoDifference(): void
    {
        self::assertTrue(FieldDifferences::between(new MarcRecord('00123nam a2200099 i 4500', []), new MarcRecord('00999nam a2200077 i 4500', []))[0]->isSame());
        self::assertFalse(FieldDifferences::between(new MarcRecord('00123nam a2200099 i 4500', []), new MarcRecord('00123nas a2200099 i 4500', []))[0]->isSame());
    }

    private static function record(string $lines): MarcRecord
    {
        return LineText::parse("LDR 00000nam a2200000 i 4500\n".$lines);
    }
}
