<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

final class ItemsTest extends AppTestCase
{
    public function testAnItemIsAddedAndFoundByItsCallNumber(): void
    {
        $this->signIn('cataloguer');
        $this->anItem();
        foreach (['551.46', '551.46 ven', '55146V'] as $typed) {
            self::assertSame(1, $this->get('/api/records?in=callNumber&q='.rawurlencode($typed))['total'], $typed);
        }
        self::assertSame(0, $this->get('/api/records?in=callNumber&q=551.47')['total']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faults(): iterable
    {
        yield 'no barcode' => [['barcode' => ''], 'barcode', 'Scan or enter the barcode.'];
        yield 'a barcode on another item' => [['barcode' => '300000001'], 'barcode', 'is on another item ("Tides of Skellin")'];
        yield 'a card number' => [['barcode' => 'P0000001'], 'barcode', 'is a patron\'s card number'];
        yield 'a status that only the desk sets' => [['status' => 'on-loan'], 'status', 'set at the desk'];
        yield 'a status that is none' => [['status' => 'gone'], 'status', 'There is no status "gone".'];
        yield 'an unknown place' => [['location' => 'ATTIC'], 'location', 'There is no shelving location "ATTIC".'];
        yield 'a price that is none' => [['price' => 'much'], 'price', '"much" is no price.'];
        yield 'a date that is none' => [['acquiredOn' => 'spring'], 'acquiredOn', 'Enter the date acquired as'];
    }

    /** @param array<string, mixed> $fault */
    #[DataProvider('faults')]
    public function testAFaultIsNamedAtItsField(array $fault, string $field, string $sentence): void
    {
        $this->aPatron();
        $this->anItem();
        $violations = $this->send('POST', '/api/records/'.$this->aRecord('Another').'/items', $fault + $this->itemForm('300000002'), 422)['violations'];
        self::assertIsArray($violations);
        self::assertSame([$field], self::column($violations, 'field'));
        self::assertStringContainsString($sentence, implode(' ', array_filter(self::column($violations, 'sentence'), \is_string(...))));
        self::assertSame(1, $this->rows('item'));
    }

    public function testAStaleSaveIsRefusedWithHowItIsNow(): void
    {
        $item = $this->anItem();
        $this->send('PUT', "/api/items/{$item}", ['version' => 1, 'copy' => '2'] + $this->itemForm('300000001'), 200);
        $refused = $this->send('PUT', "/api/items/{$item}", ['version' => 1, 'copy' => '3'] + $this->itemForm('300000001'), 409);
        self::assertSame('2', self::at($refused, 'current', 'copy'));
        self::assertSame('2', $this->get("/api/items/{$item}")['copy']);
    }

    public function testAnItemOnLoanKeepsItsStatusUntilItIsReturned(): void
    {
        $item = $this->anItem();
        $this->lend($this->aPatron(), '300000001');
        $version = $this->get("/api/items/{$item}")['version'];
        $this->send('PUT', "/api/items/{$item}", ['version' => $version, 'status' => 'missing'] + $this->itemForm('300000001'), 422);
        $this->send('PUT', "/api/items/{$item}", ['version' => $version, 'status' => 'on-loan', 'staffNote' => 'Cover torn'] + $this->itemForm('300000001'), 200);
    }

    public function testTheJournalTellsWhatWasChanged(): void
    {
        $item = $this->anItem();
        $this->send('PUT', "/api/items/{$item}", ['version' => 1, 'callNumber' => '551.47 VEN', 'status' => 'in-repair'] + $this->itemForm('300000001'), 200);
        $this->send('PUT', "/api/items/{$item}", ['version' => 2, 'callNumber' => '551.47 VEN', 'status' => 'in-repair'] + $this->itemForm('300000001'), 200);
        $entries = $this->get("/api/journal-entries?filter[subject]=item:{$item}")['entries'];
        self::assertIsArray($entries);
        self::assertSame(['item-changed', 'item-added'], self::column($entries, 'act'), 'a save without a change is no change');
        self::assertSame(['status' => 'available', 'callNumber' => '551.46 VEN'], self::at($entries, 0, 'before'));
        self::assertSame(['status' => 'in-repair', 'callNumber' => '551.47 VEN'], self::at($entries, 0, 'after'));
    }

    public function testThereIsNoItemOnARecordThatIsNotThere(): void
    {
        $this->send('POST', '/api/records/999999/items', $this->itemForm('300000001'), 404);
        $this->send('GET', '/api/records/999999/items', null, 404);
    }

    public function testTenCopiesAreOneActWithBarcodesFromARange(): void
    {
        $record = $this->aRecord();
        $form = ['id' => self::id(), 'copies' => 10, 'range' => 'gear', 'branch' => 'LAN', 'location' => 'ADULT', 'lendingClass' => 'BOOK', 'callNumber' => '681 TEL'];
        $added = $this->send('POST', "/api/records/{$record}/copies", $form, 200);
        self::assertSame(['GEAR0001', 'GEAR0010'], [self::at($added, 'barcodes', 0), self::at($added, 'barcodes', 9)]);
        self::assertSame($added, $this->send('POST', "/api/records/{$record}/copies", $form, 200));
        self::assertSame(['1', '2', '3', '4', '5', '6', '7', '8', '9', '10'], $this->connection()->fetchFirstColumn('SELECT copy FROM item ORDER BY id'));
        $this->anItem('GEAR0012');
        $next = $this->send('POST', "/api/records/{$record}/copies", ['id' => self::id(), 'copies' => 2] + $form, 200);
        self::assertSame(['GEAR0011', 'GEAR0013'], $next['barcodes']);
    }

    public function testScannedCopiesAreAllAddedOrNone(): void
    {
        $record = $this->aRecord();
        $form = ['branch' => 'LAN', 'location' => 'ADULT', 'lendingClass' => 'BOOK'];
        $this->send('POST', "/api/records/{$record}/copies", ['id' => self::id(), 'barcodes' => ['300000001', '300000001']] + $form, 422);
        $problem = $this->send('POST', "/api/records/{$record}/copies", ['id' => self::id(), 'barcodes' => ['300000001', 'has blanks']] + $form, 422);
        self::assertStringContainsString('has blanks: A barcode has no blanks', (string) json_encode($problem));
        self::assertSame(0, $this->rows('item'));
        $this->send('POST', "/api/records/{$record}/copies", ['id' => self::id(), 'barcodes' => ['300000001', '300000002', '']] + $form, 200);
        self::assertSame(2, $this->rows('item'));
    }

    public function testARangeThatIsUsedUpSaysSo(): void
    {
        $this->send('PUT', '/api/rule-book/barcode-range/short', ['id' => self::id(), 'name' => 'Short', 'content' => ['beginning' => 'S', 'digits' => 1, 'check' => 'none']], 200);
        $record = $this->aRecord();
        $form = ['range' => 'short', 'copies' => 10, 'branch' => 'LAN', 'location' => 'ADULT', 'lendingClass' => 'BOOK'];
        self::assertSame('range-used-up', $this->send('POST', "/api/records/{$record}/copies", ['id' => self::id()] + $form, 409)['code']);
        self::assertSame(0, $this->rows('item'));
        $this->send('POST', "/api/records/{$record}/copies", ['id' => self::id(), 'copies' => 9] + $form, 200);
    }
}
