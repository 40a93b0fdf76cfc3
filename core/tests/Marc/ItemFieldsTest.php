<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\ItemProperty;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\PlacedField;

final class ItemFieldsTest extends TestCase
{
    public function testARecordIsPartedFromItsItems(): void
    {
        $parts = ItemFields::part(Records::tides(), ItemMapping::holdings());
        self::assertCount(2, $parts->items);
        self::assertSame([], $parts->record->data('852', '876'));
        $first = $parts->items[0];
        self::assertSame('300000001', $first->barcode());
        self::assertSame('551.46 VEN', $first->value(ItemProperty::CallNumber));
        self::assertSame('12.50', $first->value(ItemProperty::Price));
        self::assertSame('BOOK', $first->value(ItemProperty::LendingClass));
        self::assertNull($parts->items[1]->value(ItemProperty::Price));
    }

    public function testPartedAndJoinedIsUnchangedForAnyRecord(): void
    {
        foreach ([Records::tides(), ...Records::odd(200)] as $record) {
            foreach ([ItemMapping::holdings(), ItemMapping::parse('9XX:barcode=a,branch=b')] as $mapping) {
                $parts = ItemFields::part($record, $mapping);
                $placed = array_merge(...array_map(static fn ($item): array => ItemFields::rewrite($item, []), $parts->items));
                self::assertEquals($record, ItemFields::join($parts->record, $placed, []), LineText::write($record));
            }
        }
    }

    public function testOnlyWhatHasChangedIsRewritten(): void
    {
        $item = ItemFields::part(Records::tides(), ItemMapping::holdings())->items[0];
        $fields = ItemFields::rewrite($item, ['branch' => 'HOL', 'price' => '14.00']);
        self::assertSame(
            ['852 1# $bHOL$cADULT$h551.46$iVEN$p300000001$t1$zAsk at the desk', '876 ## $p300000001$c14.00$d20190301$hBOOK$3bound'],
            array_map(static fn (PlacedField $placed): string => LineText::writeField($placed->field), $fields),
        );
    }

    public function testACompanionFieldIsMadeWhenTheFirstThingIsKnownThatGoesThere(): void
    {
        $item = ItemFields::part(Records::tides(), ItemMapping::holdings())->items[1];
        $fields = ItemFields::rewrite($item, ['price' => '9.00', 'staffNote' => '']);
        self::assertSame('876 ## $p300000002$c9.00', LineText::writeField($fields[1]->field));
        self::assertCount(2, $fields);
    }

    public function testWhatTheStandardHasNoPlaceForStandsInAFieldOfTheHouse(): void
    {
        $fresh = ItemFields::fresh(['barcode' => '300000009', 'branch' => 'LAN', 'material' => 'Chart', 'pieces' => '3', 'fund' => 'Friends'], '1');
        self::assertSame(['852 1# $bLAN$p300000009', '976 ## $p300000009$mChart$fFriends$n3'], array_map(LineText::writeField(...), $fresh));
        $parts = ItemFields::part(new MarcRecord(Records::LEADER, $fresh), ItemMapping::holdings());
        self::assertSame(['Chart', '3'], [$parts->items[0]->value(ItemProperty::Material), $parts->items[0]->value(ItemProperty::Pieces)]);
        $rewritten = ItemFields::rewrite($parts->items[0], ['pieces' => '', 'staffNote' => 'Torn']);
        self::assertSame(['852 1# $bLAN$p300000009', '976 ## $p300000009$mChart$fFriends', '876 ## $p300000009$xTorn'], array_map(static fn (PlacedField $placed): string => LineText::writeField($placed->field), $rewritten));
    }

    public function testOthersGetTheFieldsWithoutWhatIsForTheHouseAlone(): void
    {
        $lines = ['852 1# $bLAN$p300000009$xdamp$zpublic', '876 ## $p300000009$c12.50$d20190301$xfrail$eBrindle$3bound', '976 ## $p300000009$mChart$fFriends$sVI-1$n2'];
        $parts = ItemFields::part(LineText::parse('LDR '.Records::LEADER."\n".implode("\n", $lines)), ItemMapping::holdings());
        self::assertSame(
            ['852 1# $bLAN$p300000009$zpublic', '876 ## $p300000009$d20190301$3bound', '976 ## $p300000009$mChart$n2'],
            array_map(static fn (PlacedField $placed): string => LineText::writeField($placed->field), ItemFields::forOthers($parts->items[0]->fields, ItemMapping::holdings())),
        );
        $local = ItemMapping::parse('952:barcode=p,price=g,callNumber=o');
        $field = new PlacedField(0, 0, DataField::of('952', '  ', 'p', '1', 'g', '12.50', 'o', '551.46', 'x', 'unknown'));
        self::assertSame('952 ## $p1$o551.46$xunknown', LineText::writeField(ItemFields::forOthers([$field], $local)[0]->field));
    }

    public function testANewItemStandsInTheOrderOfTags(): void
    {
        $record = new MarcRecord(Records::LEADER, [new ControlField('001', 'x'), DataField::of('245', '10', 'a', 'Tides'), DataField::of('900', '  ', 'a', 'local')]);
        $fresh = ItemFields::fresh(['barcode' => '300000009', 'branch' => 'LAN', 'callNumber' => '551.46 VEN', 'lendingClass' => 'BOOK'], '1');
        $tags = array_map(static fn ($field): string => $field->tag, ItemFields::join($record, [], $fresh)->fields);
        self::assertSame(['001', '245', '852', '876', '900'], $tags);
    }

    public function testAFieldWithoutABarcodeStaysInTheRecordAndIsRemarkedOn(): void
    {
        $record = new MarcRecord(Records::LEADER, [DataField::of('852', '1 ', 'b', 'LAN', 'h', '551.46'), DataField::of('876', '  ', 'p', 'nobody', 'c', '1.00')]);
        $parts = ItemFields::part($record, ItemMapping::holdings());
        self::assertSame([], $parts->items);
        self::assertEquals($record, $parts->record);
        self::assertCount(1, $parts->remarks);
    }

    /** @return iterable<string, array{string, string}> */
    public static function faultyMappings(): iterable
    {
        yield 'no barcode' => ['952:branch=a', 'where the barcode stands'];
        yield 'an unknown property' => ['952:barcode=p,colour=c', '"colour=c"'];
        yield 'a control field' => ['001:barcode=a', 'no mapping'];
        yield 'no pairs' => ['952', 'no mapping'];
    }

    #[DataProvider('faultyMappings')]
    public function testAFaultyMappingSaysWhatToWrite(string $written, string $sentence): void
    {
        $this->expectExceptionMessage($sentence);
        ItemMapping::parse($written);
    }

    public function testAMappingIsWrittenAsItIsRead(): void
    {
        $written = '952:barcode=p,branch=a,callNumber=ok';
        self::assertSame($written, ItemMapping::parse($written)->written());
        self::assertSame('852', ItemMapping::holdings()->written());
    }
}
