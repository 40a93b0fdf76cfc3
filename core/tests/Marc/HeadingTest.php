<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\Heading;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Subfield;

final class HeadingTest extends TestCase
{
    /** @return iterable<string, array{string, string|null, string, string}> a field; kind, heading, what it sorts by */
    public static function fields(): iterable
    {
        yield 'a person, without the role' => ['100 1# $aVenn, Mara,$d1950-$eauthor.', Heading::NAME, '$aVenn, Mara,$d1950-', 'venn mara 1950'];
        yield 'the comma before a role is no part of it' => ['700 1# $aVenn, Mara,$eauthor.', Heading::NAME, '$aVenn, Mara', 'venn mara'];
        yield 'an initial keeps its full stop' => ['100 1# $aVenn, M.', Heading::NAME, '$aVenn, M.', 'venn m'];
        yield 'a body and its part' => ['110 2# $aVesper Isles Libraries.$bBook boat.', Heading::NAME, '$aVesper Isles Libraries.$bBook boat', 'vesper isles libraries book boat'];
        yield 'a subject with its subdivisions' => ['650 #4 $aTides$zVesper Isles$vTables.', Heading::SUBJECT, '$aTides$zVesper Isles$vTables', 'tides vesper isles tables'];
        yield 'a subject of another list, without its source' => ['650 #7 $aTides$2far$0(FAR)12', Heading::SUBJECT, '$aTides', 'tides'];
        yield 'a genre' => ['655 #7 $aSea shanties.$2far', Heading::GENRE, '$aSea shanties', 'sea shanties'];
        yield 'a series without its number' => ['490 1# $aLamp and anchor books ;$v12', Heading::SERIES, '$aLamp and anchor books', 'lamp and anchor books'];
        yield 'diacritics and hyphens do not sort' => ['650 #4 $aBook-boats$xÉtudes', Heading::SUBJECT, '$aBook-boats$xÉtudes', 'book boats etudes'];
        yield 'a dollar sign is kept' => ['650 #4 $aCoins \\$ and shells', Heading::SUBJECT, '$aCoins \\$ and shells', 'coins and shells'];
        yield 'a title is no heading' => ['245 10 $aTides', null, '', ''];
        yield 'nothing but a link is none' => ['650 #4 $0(FAR)12', null, '', ''];
        yield 'blanks are none' => ['650 #4 $a $x ', null, '', ''];
    }

    #[DataProvider('fields')]
    public function testAFieldIsAHeadingOfItsKind(string $line, ?string $kind, string $written, string $sortKey): void
    {
        $heading = Heading::of(self::field($line));
        self::assertSame(null === $kind ? null : [$kind, $written, $sortKey], null === $heading ? null : [$heading->kind, $heading->written, $heading->sortKey]);
    }

    public function testARecordHasEachHeadingOnce(): void
    {
        $record = LineText::parse("LDR 00000nam a2200000 i 4500\n100 1# \$aVenn, Mara\n245 10 \$aTides\n600 14 \$aVenn, Mara\n650 #4 \$aTides\n650 #7 \$aTides.\$2far\n700 1# \$aVenn, Mara,\$eeditor.");
        self::assertSame(['n venn mara', 's venn mara', 's tides'], array_map(static fn (Heading $heading): string => $heading->kind.' '.$heading->sortKey, Heading::allOf($record)));
    }

    /** @return iterable<string, array{string, list<Subfield>, string}> */
    public static function exchanges(): iterable
    {
        yield 'the role stays' => ['100 1# $aVenn, Mara,$d1950-$eauthor.', [new Subfield('a', 'Venn-Quill, Mara,'), new Subfield('d', '1950-')], '100 1# $aVenn-Quill, Mara,$d1950-$eauthor.'];
        yield 'the comma before the role stays' => ['700 1# $aVenn, Mara,$eeditor.', [new Subfield('a', 'Quill, Mara')], '700 1# $aQuill, Mara,$eeditor.'];
        yield 'the full stop at the end stays' => ['650 #4 $aTides$zSkellin.', [new Subfield('a', 'Tides'), new Subfield('z', 'Hollow Hill')], '650 #4 $aTides$zHollow Hill.'];
        yield 'no full stop is made up' => ['650 #4 $aTides', [new Subfield('a', 'Tides'), new Subfield('x', 'Observed.')], '650 #4 $aTides$xObserved'];
        yield 'source and link stay' => ['650 #7 $aTides$2far$0(FAR)12', [new Subfield('a', 'Ebb and flow')], '650 #7 $aEbb and flow$2far$0(FAR)12'];
        yield 'the number of a series stays' => ['490 1# $aLamp books ;$v12', [new Subfield('a', 'Lantern books')], '490 1# $aLantern books ;$v12'];
    }

    /** @param list<Subfield> $subfields */
    #[DataProvider('exchanges')]
    public function testAnotherHeadingTakesItsPlaceAndTheRestStays(string $line, array $subfields, string $after): void
    {
        self::assertSame($after, LineText::writeField(Heading::exchanged(self::field($line), $subfields)));
    }

    public function testExchangingAHeadingForItselfChangesNothing(): void
    {
        foreach (self::fields() as $name => [$line, $kind]) {
            $field = self::field($line);
            $heading = Heading::of($field);
            if (null !== $kind && null !== $heading && !str_contains($line, '\\$')) {
                $own = self::field('999 ## '.$heading->written);
                $again = Heading::of(Heading::exchanged($field, $own->subfields));
                self::assertEquals($heading, $again, $name);
            }
        }
    }

    public function testWhatIsTypedFindsWhereAHeadingStandsInTheList(): void
    {
        $typed = Heading::sortKey('Étude-boats  (v');
        self::assertSame('etude boats v', $typed);
        self::assertStringStartsWith($typed, Heading::sortKey('Étude-Boats (Vesper Isles)'));
        self::assertLessThanOrEqual(120, \strlen(Heading::sortKey(str_repeat('潮汐', 100))));
        self::assertTrue(mb_check_encoding(Heading::sortKey(str_repeat('潮汐', 100)), 'UTF-8'));
    }

    private static function field(string $line): DataField
    {
        $field = LineText::parseField($line);
        self::assertInstanceOf(DataField::class, $field);

        return $field;
    }

    public function testARecordWithoutHeadingsHasNone(): void
    {
        self::assertSame([], Heading::allOf(new MarcRecord('00000nam a2200000 i 4500', [DataField::of('245', '10', 'a', 'Tides')])));
    }
}
