<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

final class JournalTest extends AppTestCase
{
    public function testItIsReadNewestFirstPageByPage(): void
    {
        foreach (['P1', 'P2', 'P3', 'P4', 'P5'] as $card) {
            $this->aPatron($card);
        }
        $cards = [];
        $after = '';
        do {
            $page = $this->get('/api/journal-entries?filter[act]=patron-registered&limit=2'.$after);
            foreach ((array) $page['entries'] as $entry) {
                self::assertIsArray($entry);
                $cards[] = self::at($entry, 'after', 'cardNumber');
            }
            $after = \is_int($page['after']) ? '&after='.$page['after'] : '';
        } while ('' !== $after);
        self::assertSame(['P5', 'P4', 'P3', 'P2', 'P1'], $cards);
    }

    public function testItTellsWhoDidItAndWhere(): void
    {
        $this->anItem();
        $this->signIn('desk', 'HOL');
        $this->checkIn('300000001');
        $this->signIn('manager');
        $entry = self::at($this->get('/api/journal-entries?filter[staff]=Des'), 'entries', 0);
        self::assertIsArray($entry);
        self::assertSame(['Desk', 'HOL', 'Desk 1', 'item-returned'], [$entry['staff'], $entry['branch'], $entry['desk'], $entry['act']]);
        self::assertSame([], $this->get('/api/journal-entries?filter[staff]=Nobody')['entries']);
    }

    public function testWhatWasRefusedOrFailedIsNotInIt(): void
    {
        $before = $this->rows('journal_entry');
        $patron = $this->aPatron(more: ['expiresOn' => '2026-01-01']);
        $this->anItem();
        $this->lend($patron, '300000001', expect: 409);
        $this->send('POST', '/api/patrons', ['id' => self::id(), 'familyName' => ''], 422);
        self::assertSame($before + 2, $this->rows('journal_entry'), 'a patron and an item, nothing else');
    }

    public function testATakenBackActIsMarkedAndBothStay(): void
    {
        $item = $this->anItem();
        $entry = self::number($this->checkIn('300000001'), 'journalEntry');
        $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => self::id()], 200);
        $entries = $this->get("/api/journal-entries?filter[subject]=item:{$item}")['entries'];
        self::assertIsArray($entries);
        self::assertSame(['check-in-taken-back', 'item-returned', 'item-added'], self::column($entries, 'act'));
        self::assertSame([false, true, false], self::column($entries, 'isTakenBack'));
    }

    public function testNotEverythingCanBeTakenBack(): void
    {
        $this->aPatron();
        $entry = self::number((array) self::at($this->get('/api/journal-entries?filter[act]=patron-registered'), 'entries', 0), 'id');
        self::assertSame('not-reversible', $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => self::id()], 409)['code']);
        $this->send('POST', '/api/journal-entries/999999/take-back', ['id' => self::id()], 404);
    }

    public function testTakingBackARenewalBringsBackTheOldDueDate(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $loan = $this->lend($patron, '300000001');
        $this->itIs('2026-03-10 10:00');
        $this->signIn('desk');
        $renewed = $this->send('POST', '/api/loans/'.self::number($loan, 'id').'/renewals', ['id' => self::id()], 200);
        self::assertNotSame($loan['dueAt'], $renewed['dueAt']);
        $entry = self::number($renewed, 'journalEntry');
        $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => self::id()], 200);
        self::assertSame([$loan['dueAt']], self::column($this->get("/api/patrons/{$patron}/loans"), 'dueAt'));
        self::assertSame([0], self::column($this->get("/api/patrons/{$patron}/loans"), 'renewals'));
    }

    public function testWhoMayNotTakeBackDoesNot(): void
    {
        $this->anItem();
        $entry = self::number($this->checkIn('300000001'), 'journalEntry');
        $this->signIn('cataloguer');
        $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => self::id()], 403);
    }
}
