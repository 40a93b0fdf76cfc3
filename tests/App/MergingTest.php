<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

final class MergingTest extends AppTestCase
{
    private const KEPT = "LDR 00000nam a2200000 i 4500\n008 260101s2019    vi ||||| |||| 00| 0 eng d\n100 1# \$aVenn, Mara\n245 10 \$aTides of Skellin\n260 ## \$bSkellin Observatory Press,\$c2019\n650 #4 \$aTides";
    private const OTHER = "LDR 00000nam a2200000 i 4500\n008 260101s2019    vi ||||| |||| 00| 0 eng d\n100 1# \$aVenn, M.\n245 10 \$aTides of Skelin\n500 ## \$aWith a folded chart\n650 #4 \$aNavigation";

    public function testOneRecordOfTwoHasItemsLoansAndChosenFieldsOfBoth(): void
    {
        [$kept, $other] = $this->two();
        $merged = $this->send('POST', "/api/records/{$kept}/merge", $this->act($kept, $other, ['500 ## $aWith a folded chart', '650 #4 $aTides']), 200);
        self::assertSame([1, 2], [$merged['items'], $merged['fields']]);
        self::assertSame(['300000001', '300000002'], self::column($this->get("/api/records/{$kept}/items"), 'barcode'));
        $text = $this->get("/api/records/{$kept}/text")['text'];
        self::assertIsString($text);
        self::assertStringContainsString("\n500 ## \$aWith a folded chart", $text);
        self::assertSame(1, substr_count($text, '$aTides') - substr_count($text, '$aTides of'), 'a field that both have is not doubled');
        $gone = $this->send('GET', "/api/records/{$other}", null, 404);
        self::assertSame(['record-merged', $kept], [$gone['code'], $gone['mergedInto']]);
        self::assertSame(1, $this->get('/api/records?q=venn')['total']);
        self::assertSame(1, $this->get('/api/records?q=%22folded+chart%22')['total']);
    }

    public function testMergingIsTakenBackDaysLater(): void
    {
        [$kept, $other] = $this->two();
        $before = $this->state();
        $merged = $this->send('POST', "/api/records/{$kept}/merge", $this->act($kept, $other, ['500 ## $aWith a folded chart']), 200);
        self::assertNotSame($before, $this->state());
        $this->itIs('2026-03-09 10:00');
        $this->signIn('cataloguer');
        $this->send('POST', '/api/journal-entries/'.self::number($merged, 'journalEntry').'/take-back', ['id' => self::id()], 200);
        self::assertSame($before, $this->state());
    }

    public function testWhatWasEditedSinceStandsInTheWay(): void
    {
        [$kept, $other] = $this->two();
        $merged = $this->send('POST', "/api/records/{$kept}/merge", $this->act($kept, $other), 200);
        $this->send('PUT', "/api/records/{$kept}", ['id' => self::id(), 'version' => $this->version($kept), 'text' => str_replace('2019', '2020', self::KEPT)], 200);
        self::assertSame('newer-in-the-way', $this->send('POST', '/api/journal-entries/'.self::number($merged, 'journalEntry').'/take-back', ['id' => self::id()], 409)['code']);
    }

    public function testARecordThatChangedWhileItWasLookedAtIsNotMerged(): void
    {
        [$kept, $other] = $this->two();
        $act = $this->act($kept, $other);
        $this->send('PUT', "/api/records/{$other}", ['id' => self::id(), 'version' => 1, 'text' => str_replace('2019', '2020', self::OTHER)], 200);
        $refused = $this->send('POST', "/api/records/{$kept}/merge", $act, 409);
        self::assertSame(['stale', $other], [$refused['code'], self::at($refused, 'current', 'id')]);
        self::assertSame(2, $this->rows('record'));
    }

    public function testARecordIsNotMergedWithItselfAndTheDeskMayNot(): void
    {
        [$kept, $other] = $this->two();
        $this->send('POST', "/api/records/{$kept}/merge", $this->act($kept, $kept), 422);
        $this->signIn('desk');
        $this->send('POST', "/api/records/{$kept}/merge", $this->act($kept, $other), 403);
        self::assertSame(2, $this->rows('record'));
    }

    public function testARecordWithoutItemsIsRemovedAndBroughtBackUnderItsNumber(): void
    {
        $this->signIn('cataloguer');
        $id = self::number($this->send('POST', '/api/records', ['id' => self::id(), 'text' => self::KEPT], 200), 'id');
        $before = $this->state();
        $removed = $this->send('POST', "/api/records/{$id}/removal", ['id' => self::id()], 200);
        self::assertSame('record-removed', $this->send('GET', "/api/records/{$id}", null, 404)['code']);
        self::assertSame(0, $this->get('/api/records?q=skellin')['total']);
        $this->send('POST', '/api/journal-entries/'.self::number($removed, 'journalEntry').'/take-back', ['id' => self::id()], 200);
        self::assertSame($before, $this->state());
    }

    public function testARecordWithItemsIsNotRemoved(): void
    {
        $item = $this->anItem();
        $id = self::number($this->get("/api/items/{$item}"), 'recordId');
        $refused = $this->send('POST', "/api/records/{$id}/removal", ['id' => self::id()], 409);
        self::assertSame(['record-has-items', 1], [$refused['code'], $this->rows('record')]);
    }

    /** @return array{int, int} two records of one title, with an item each, the second one's on loan */
    private function two(): array
    {
        $this->signIn('administrator');
        $ids = [];
        foreach ([self::KEPT, self::OTHER] as $number => $text) {
            $ids[] = $id = self::number($this->send('POST', '/api/records', ['id' => self::id(), 'text' => $text, 'keepBoth' => true], 200), 'id');
            $this->send('POST', "/api/records/{$id}/items", $this->itemForm('30000000'.($number + 1)), 200);
        }
        $this->lend($this->aPatron(), '300000002');

        return [$ids[0], $ids[1]];
    }

    /**
     * @param list<string> $fields
     *
     * @return array<string, mixed>
     */
    private function act(int $kept, int $other, array $fields = []): array
    {
        return ['id' => self::id(), 'other' => $other, 'version' => $this->version($kept), 'otherVersion' => $this->version($other), 'fields' => $fields];
    }

    private function version(int $id): int
    {
        return self::number($this->get("/api/records/{$id}/text"), 'version');
    }

    /** @return array<string, list<array<string, mixed>>> what both records are in all tables, but for when they were last changed */
    private function state(): array
    {
        $state = [];
        foreach ([
            'record' => 'SELECT id, marc, title, title_key, year, control_number, created_at FROM record ORDER BY id',
            'item' => 'SELECT id, record_id, barcode, status FROM item ORDER BY id',
            'document' => 'SELECT * FROM search_document ORDER BY record_id',
            'key' => 'SELECT * FROM match_key ORDER BY record_id, value',
            'heading' => 'SELECT * FROM record_heading ORDER BY record_id, kind, sort_key',
        ] as $what => $sql) {
            $state[$what] = $this->connection()->fetchAllAssociative($sql);
        }

        return $state;
    }
}
