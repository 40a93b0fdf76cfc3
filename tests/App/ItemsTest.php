<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use TinLantern\Platform\Upkeep\DoUpkeep;
use TinLantern\Platform\Upkeep\ItIsTime;
use TinLantern\Platform\Upkeep\Rhythm;

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

    public function testTheVolumesOfASetAreNumberedAndAreOneCopy(): void
    {
        $record = $this->aRecord();
        $form = ['id' => self::id(), 'copies' => 3, 'range' => 'gear', 'branch' => 'LAN', 'location' => 'ADULT', 'lendingClass' => 'BOOK', 'callNumber' => '551.46 VES', 'volume' => 'v.9', 'suffix' => 'v.9', 'areVolumes' => true];
        $this->send('POST', "/api/records/{$record}/copies", $form, 200);
        $this->send('POST', "/api/records/{$record}/copies", ['id' => self::id(), 'copies' => 2, 'volume' => 'v.1', 'suffix' => 'fol.'] + $form, 200);
        self::assertSame(
            [['v.9', 'v.9', '1'], ['v.10', 'v.10', '1'], ['v.11', 'v.11', '1'], ['v.1', 'fol.', '2'], ['v.2', 'fol.', '2']],
            $this->connection()->fetchAllNumeric('SELECT volume, suffix, copy FROM item ORDER BY id'),
        );
        $problem = $this->send('POST', "/api/records/{$record}/copies", ['id' => self::id(), 'volume' => 'Index'] + $form, 422);
        self::assertSame('Say the number of the first volume, as in v.1.', self::at($problem, 'violations', 0, 'sentence'));
        self::assertSame(5, $this->rows('item'));
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

    public function testEverythingParticularToAPieceIsKept(): void
    {
        $more = [
            'material' => 'Discs and booklet', 'volume' => 'v.2', 'vendor' => 'Halyard & Reed Music', 'fund' => 'Friends of the library', 'pieces' => 3, 'piecesNote' => '2 discs, 1 booklet',
            'publicNote' => 'Signed by the composer', 'checkInMessage' => 'Look for scratches', 'checkOutMessage' => 'The case is fragile', 'serialNumber' => 'TX-0077',
            'temporaryLocation' => 'NEWS', 'temporaryUntil' => '2026-04-14',
        ];
        $this->connection()->executeStatement("INSERT INTO shelving_location (code, name, collection_id) SELECT 'NEWS', 'New this month', id FROM collection LIMIT 1");
        $item = $this->get('/api/items/'.$this->anItem('300000001', $more));
        self::assertEquals($more, array_intersect_key($item, $more));
        $entry = self::at($this->get('/api/journal-entries?filter[act]=item-added'), 'entries', 0, 'after');
        self::assertIsArray($entry);
        self::assertSame([3, 'TX-0077'], [$entry['pieces'], $entry['serialNumber']]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faultsOfParticulars(): iterable
    {
        yield 'a temporary location without its end' => [['temporaryLocation' => 'ADULT'], 'temporaryUntil', 'Say until when'];
        yield 'an end without a location' => [['temporaryUntil' => '2026-04-14'], 'temporaryLocation', 'Choose where it stands'];
        yield 'a temporary location that is none' => [['temporaryLocation' => 'ATTIC', 'temporaryUntil' => '2026-04-14'], 'temporaryLocation', 'There is no shelving location "ATTIC"'];
        yield 'no pieces' => [['pieces' => 0], 'pieces', 'from 1 to 999'];
        yield 'a long message' => [['checkInMessage' => str_repeat('x', 301)], 'checkInMessage', 'at most 300'];
    }

    /** @param array<string, mixed> $fault */
    #[DataProvider('faultsOfParticulars')]
    public function testAFaultOfThemIsNamedAtItsField(array $fault, string $field, string $sentence): void
    {
        $violations = $this->send('POST', '/api/records/'.$this->aRecord().'/items', $fault + $this->itemForm('300000002'), 422)['violations'];
        self::assertIsArray($violations);
        self::assertSame([$field], self::column($violations, 'field'));
        self::assertStringContainsString($sentence, implode(' ', array_filter(self::column($violations, 'sentence'), \is_string(...))));
    }

    public function testATemporaryLocationEndsByItselfOnTheDayAfter(): void
    {
        $item = $this->anItem('300000001', ['temporaryLocation' => 'ADULT', 'temporaryUntil' => '2026-03-10']);
        $upkeep = self::service(DoUpkeep::class);
        $this->itIs('2026-03-10 23:00');
        $upkeep(new ItIsTime(Rhythm::EachMinute));
        self::assertSame('2026-03-10', $this->connection()->fetchOne('SELECT temporary_until FROM item WHERE id = ?', [$item]));
        $this->itIs('2026-03-11 00:01');
        $upkeep(new ItIsTime(Rhythm::EachMinute));
        $upkeep(new ItIsTime(Rhythm::EachMinute));
        $this->signIn('administrator');
        self::assertSame(['', null], [$this->get("/api/items/{$item}")['temporaryLocation'], $this->get("/api/items/{$item}")['temporaryUntil']]);
        self::assertCount(1, (array) $this->get('/api/journal-entries?filter[act]=item-fell-back')['entries']);
    }

    public function testMovedItemsTakeTheirLoansAlongAndComeBack(): void
    {
        $item = $this->anItem();
        $this->lend($this->aPatron(), '300000001');
        $from = self::number($this->get("/api/items/{$item}"), 'recordId');
        $to = $this->aRecord('Terns of Hollow Hill');
        $act = ['id' => self::id(), 'items' => [$item]];
        $moved = $this->send('POST', "/api/records/{$to}/moved-items", $act, 200);
        self::assertSame($moved, $this->send('POST', "/api/records/{$to}/moved-items", $act, 200), 'sent twice, done once');
        self::assertSame([1, 0], [$moved['count'], \count($this->get("/api/records/{$from}/items"))]);
        self::assertSame('Terns of Hollow Hill', $this->get("/api/items/{$item}")['title']);
        self::assertSame(1, $this->get('/api/records?in=callNumber&q=551.46')['total']);
        self::assertSame($to, self::at($this->get('/api/records?in=callNumber&q=551.46'), 'records', 0, 'id'));

        $this->send('POST', '/api/journal-entries/'.self::number($moved, 'journalEntry').'/take-back', ['id' => self::id()], 200);
        self::assertSame($from, $this->get("/api/items/{$item}")['recordId']);
        self::assertSame($from, self::at($this->get('/api/records?in=callNumber&q=551.46'), 'records', 0, 'id'));
    }

    public function testItemsThatWereMovedAgainAreNotMovedBack(): void
    {
        $item = $this->anItem();
        $moved = $this->send('POST', '/api/records/'.$this->aRecord('Terns').'/moved-items', ['id' => self::id(), 'items' => [$item]], 200);
        $this->send('POST', '/api/records/'.$this->aRecord('Gulls').'/moved-items', ['id' => self::id(), 'items' => [$item]], 200);
        $refused = $this->send('POST', '/api/journal-entries/'.self::number($moved, 'journalEntry').'/take-back', ['id' => self::id()], 409);
        self::assertSame('newer-in-the-way', $refused['code']);
    }
}
