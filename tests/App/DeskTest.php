<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

final class DeskTest extends AppTestCase
{
    public function testACardIsTakenForItsPatron(): void
    {
        $patron = $this->aPatron();
        $scan = $this->scan('P0000001');
        self::assertSame(['patron', 'shown', $patron], [$scan['takenFor'], $scan['outcome'], self::at($scan, 'patron', 'id')]);
    }

    public function testAnItemDoesWhatTheLitLaneSays(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        self::assertSame('shown', $this->scan('300000001', 'look-up')['outcome']);
        self::assertSame('lent', $this->scan('300000001', 'lend', ['patron' => $patron])['outcome']);
        self::assertSame('already-theirs', $this->scan('300000001', 'lend', ['patron' => $patron])['outcome']);
        self::assertSame('renewed', $this->scan('300000001', 'lend', ['patron' => $patron, 'renew' => true])['outcome'] ?? null);
        self::assertSame('returned', $this->scan('300000001')['outcome']);
        self::assertSame(1, $this->rows('loan'));
    }

    public function testAnUnknownCodeIsKeptOnTheTape(): void
    {
        self::assertSame('unknown', $this->scan('4006381333931')['outcome']);
        self::assertSame('4006381333931', self::at($this->get('/api/tape'), 0, 'scan', 'code'));
    }

    public function testARefusalStaysOnTheTapeWithItsReasons(): void
    {
        $patron = $this->aPatron(more: ['expiresOn' => '2026-01-01']);
        $this->anItem();
        $this->scan('300000001', 'lend', ['patron' => $patron]);
        $line = self::at($this->get('/api/tape'), 0, 'scan');
        self::assertIsArray($line);
        self::assertSame(['refused', true], [$line['outcome'], $line['canOverride']]);
        self::assertSame('lent', $this->scan('300000001', 'lend', ['patron' => $patron, 'override' => 'Once'])['outcome']);
    }

    public function testAScanSentAgainIsTakenOnceAndStandsOnTheTapeOnce(): void
    {
        $this->anItem();
        $id = self::id();
        $first = $this->scan('300000001', 'return', ['id' => $id]);
        self::assertEquals($first, $this->scan('300000001', 'return', ['id' => $id]));
        self::assertSame(1, $this->rows('tape_line'));
        self::assertSame(1, $this->rows("journal_entry WHERE act = 'item-returned'"));
    }

    public function testALineThatNeedsAHandWaitsUntilItIsSettled(): void
    {
        $this->anItem();
        $this->signIn('desk', 'HOL');
        $scan = $this->scan('300000001');
        self::assertTrue(self::at($this->get('/api/tape'), 0, 'waits'));
        self::assertIsString($scan['id']);
        $this->send('POST', "/api/tape/{$scan['id']}/settlement", [], 204);
        self::assertFalse(self::at($this->get('/api/tape'), 0, 'waits'));
    }

    public function testTheTapeTellsWhatWasTakenBack(): void
    {
        $this->anItem();
        $entry = self::number($this->scan('300000001'), 'journalEntry');
        $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => self::id()], 200);
        self::assertTrue(self::at($this->get('/api/tape'), 0, 'isTakenBack'));
    }

    public function testEachDeskHasItsOwnTape(): void
    {
        $this->scan('1234567');
        $this->signIn('desk', 'HOL');
        self::assertSame([], $this->get('/api/tape'));
    }

    public function testEachLaneNeedsItsOwnPermission(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $this->signIn('cataloguer');
        self::assertSame('shown', $this->scan('300000001', 'look-up')['outcome']);
        $this->send('POST', '/api/scans', ['id' => self::id(), 'code' => '300000001', 'lane' => 'return'], 403);
        $this->send('POST', '/api/scans', ['id' => self::id(), 'code' => '300000001', 'lane' => 'lend', 'patron' => $patron], 403);
        $this->send('POST', '/api/scans', ['id' => self::id(), 'code' => 'P0000001', 'lane' => 'look-up'], 403);
        self::assertSame(0, $this->rows('loan'));
    }

    public function testTheBarFindsPatronsTitlesAndItemsAtOnce(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $found = $this->get('/api/lantern?q=venn');
        self::assertSame([$patron], self::column((array) $found['patrons'], 'id'));
        self::assertSame('300000001', self::at($this->get('/api/lantern?q=300000001'), 'item', 'barcode'));
        self::assertSame('Tides of Skellin', self::at($this->get('/api/lantern?q=skel'), 'records', 0, 'title'), 'the beginning of a word is enough');
        $this->signIn('cataloguer');
        self::assertSame([], $this->get('/api/lantern?q=venn')['patrons']);
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<array-key, mixed>
     */
    private function scan(string $code, string $lane = 'return', array $more = []): array
    {
        if (isset($more['renew'])) {
            $this->itIs('2026-03-06 10:00');
            $this->signIn('administrator');
        }

        return $this->send('POST', '/api/scans', $more + ['id' => self::id(), 'code' => $code, 'lane' => $lane], 200);
    }
}
