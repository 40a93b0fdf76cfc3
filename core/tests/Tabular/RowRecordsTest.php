<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Tabular;

use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\ItemProperty;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Tabular\ColumnMapping;
use TinLantern\Core\Tabular\RowRecords;

final class RowRecordsTest extends TestCase
{
    private const HEADINGS = ['Title', 'Author', 'ISBN', 'Year', 'Subjects', 'Barcode', 'Call number', 'Price', 'Mood'];

    public function testARowBecomesARecordWithItsItem(): void
    {
        $record = $this->read([self::HEADINGS, ['Tides of Skellin', 'Venn, Mara', '9783000000010', '2019', 'Tides; Skellin', '300000001', '551.46 VEN', '12.50', 'calm']])[0];
        self::assertInstanceOf(MarcRecord::class, $record);
        self::assertSame(['Tides of Skellin', 'Venn, Mara', '2019', 's2019'], [$record->firstData('245')?->first('a'), $record->firstData('100')?->first('a'), $record->firstData('264')?->first('c'), substr((string) $record->control('008'), 6, 5)]);
        self::assertSame(40, \strlen((string) $record->control('008')));
        self::assertSame(['Tides', 'Skellin'], array_map(static fn ($field): ?string => $field->first('a'), $record->data('650')));
        $item = ItemFields::part($record, ItemMapping::holdings())->items[0];
        self::assertSame(['300000001', '551.46 VEN', '12.50'], [$item->barcode(), $item->value(ItemProperty::CallNumber), $item->value(ItemProperty::Price)]);
    }

    public function testColumnsThatSayNothingAreLeftOutAndNamedOnesAreTaken(): void
    {
        self::assertNull(ColumnMapping::guessed(self::HEADINGS)->target('Mood'));
        $record = $this->read([['Werk', 'Mood'], ['Tides', 'calm']], ColumnMapping::of(['Werk' => '245$a', 'Mood' => '500$a']))[0];
        self::assertInstanceOf(MarcRecord::class, $record);
        self::assertSame('calm', $record->firstData('500')?->first('a'));
    }

    public function testARowWithoutATitleIsSaidAndEmptyRowsAreNot(): void
    {
        $read = $this->read([self::HEADINGS, ['', 'Venn'], ['', ''], [], ['Tides']]);
        self::assertCount(2, $read);
        self::assertInstanceOf(MalformedRecord::class, $read[0]);
        self::assertInstanceOf(MarcRecord::class, $read[1]);
    }

    public function testATargetThatIsNoneIsRefusedWithASentence(): void
    {
        $this->expectExceptionMessage('"245a" is no place for a column');
        ColumnMapping::of(['Title' => '245a']);
    }

    /**
     * @param list<list<string>> $rows
     *
     * @return list<MarcRecord|MalformedRecord>
     */
    private function read(array $rows, ?ColumnMapping $mapping = null): array
    {
        return iterator_to_array((new RowRecords($mapping ?? ColumnMapping::guessed($rows[0])))->read($rows), false);
    }
}
