<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\Definition\Definitions;
use TinLantern\Core\Marc\Definition\Material;
use TinLantern\Core\Marc\Definition\RecordCheck;
use TinLantern\Core\Marc\LineText;

final class RecordCheckTest extends TestCase
{
    private const GOOD = "LDR 00000nam a2200000 i 4500\n008 260303s2019    xx a     b    001 0 eng d\n245 10 \$aTides of Skellin";

    /** @return iterable<string, array{string, list<array{string, string}>}> */
    public static function records(): iterable
    {
        yield 'nothing to remark on' => [self::GOOD, []];
        yield 'a field that there is not' => [self::GOOD."\n188 ## \$ax", [['188', 'unknown-field']]];
        yield 'a local field' => [self::GOOD."\n590 12 \$ax\$ax\n949 ## \$zx", []];
        yield 'two titles' => [self::GOOD."\n245 10 \$aOther", [['245', 'not-repeatable']]];
        yield 'no title' => ["LDR 00000nam a2200000 i 4500\n500 ## \$ax", [['245', 'missing']]];
        yield 'a wrong indicator' => [str_replace('245 10', '245 5x', self::GOOD), [['245', 'indicator'], ['245', 'indicator']]];
        yield 'a subfield that there is not' => [self::GOOD.'$ww', [['245', 'unknown-subfield']]];
        yield 'a subfield twice' => [self::GOOD.'$bone$btwo', [['245', 'subfield-not-repeatable']]];
        yield 'an empty field' => [self::GOOD."\n500 ## \$a", [['500', 'empty']]];
        yield 'a short 008' => [str_replace('eng d', 'eng', self::GOOD), [['008', 'length']]];
        yield 'a coded value that there is not' => [str_replace('001 0 eng', '00x 0 eng', self::GOOD), [['008', 'coded-value']]];
        yield 'a type of record that there is not' => [str_replace('nam', 'nym', self::GOOD), [['LDR', 'coded-value']]];
        yield 'a wrong ISBN' => [self::GOOD."\n020 ## \$a9783000000011", [['020', 'check-digit']]];
        yield 'another script' => [self::GOOD."\n880 10 \$6245-01\$a潮", []];
    }

    /** @param list<array{string, string}> $expected */
    #[DataProvider('records')]
    public function testARecordIsHeldAgainstTheStandard(string $lines, array $expected): void
    {
        self::assertSame($expected, array_map(static fn ($remark): array => [$remark->tag, $remark->code], RecordCheck::of(LineText::parse($lines))));
    }

    public function testThePositionsOf008FollowTheKindOfMaterial(): void
    {
        $names = static fn (string $leader): array => array_map(static fn ($position): string => $position->name, Definitions::positions('008', Material::ofLeader($leader)->value));
        self::assertContains('Literary form', $names('00000nam'));
        self::assertContains('Frequency', $names('00000nas'));
        self::assertContains('Format of music', $names('00000ncm'));
        self::assertContains('Type of cartographic material', $names('00000nem'));
    }

    public function testNoPositionsOverlapOrLeaveTheField(): void
    {
        $checked = 0;
        foreach (['LDR' => [''], '006' => array_column(Material::cases(), 'value'), '007' => array_map(strval(...), array_keys(Definitions::names('007 categories'))), '008' => array_column(Material::cases(), 'value')] as $field => $kinds) {
            foreach ($kinds as $kind) {
                $end = 0;
                foreach (Definitions::positions($field, $kind) as $position) {
                    self::assertGreaterThanOrEqual($end, $position->from, "{$field} {$kind} {$position->name}");
                    $end = $position->from + $position->length;
                    ++$checked;
                }
                self::assertLessThanOrEqual(40, $end);
            }
        }
        self::assertGreaterThan(150, $checked);
    }

    public function testEveryFieldOfTheTableHasANameAndIndicators(): void
    {
        foreach (Definitions::tags() as $tag) {
            $definition = Definitions::field($tag);
            self::assertNotNull($definition, $tag);
            self::assertNotSame('', $definition->name.$definition->indicators1);
        }
        self::assertGreaterThan(200, \count(Definitions::tags()));
    }
}
