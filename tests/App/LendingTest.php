<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

final class LendingTest extends AppTestCase
{
    public function testAnItemIsLentUntilTheDayOfTheRule(): void
    {
        $patron = $this->aPatron();
        $item = $this->anItem();
        $loan = $this->lend($patron, '300000001');
        self::assertSame('2026-03-17T18:00:00+00:00', $loan['dueAt']);
        self::assertSame('Mara Venn', $loan['patronName']);
        self::assertSame('on-loan', $this->get('/api/items/'.$item)['status']);
        self::assertSame(['300000001'], self::column($this->get("/api/patrons/{$patron}/loans"), 'barcode'));
    }

    public function testTheSameActSentTwiceIsDoneOnceAndAnsweredTheSame(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $id = self::id();
        $first = $this->lend($patron, '300000001', $id);
        self::assertSame($first, $this->lend($patron, '300000001', $id));
        $in = self::id();
        $taken = $this->checkIn('300000001', $in);
        self::assertEquals($taken, $this->checkIn('300000001', $in));
        self::assertSame(1, $this->rows('loan'));
    }

    public function testAnIdOfAnActIsNotTakenForAnother(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $this->anItem('300000002');
        $id = self::id();
        $this->lend($patron, '300000001', $id);
        self::assertSame('act-id-used', $this->lend($patron, '300000002', $id, 409)['code']);
        self::assertSame(1, $this->rows('loan'));
    }

    public function testARefusalGivesAllReasonsAndChangesNothing(): void
    {
        $patron = $this->aPatron(more: ['expiresOn' => '2026-03-01', 'isCardLost' => true]);
        $this->anItem(more: ['lendingClass' => 'REF']);
        $this->signIn('desk');
        $refused = $this->lend($patron, '300000001', expect: 409);
        self::assertSame(['membership-expired', 'card-reported-lost', 'reference-only'], self::column((array) $refused['reasons'], 'code'));
        self::assertFalse($refused['canOverride']);
        self::assertSame(0, $this->rows('loan'));
        self::assertSame(0, $this->rows('act WHERE id IN (SELECT act_id FROM tape_line)'));
    }

    public function testWhoMayOverridesWithAReasonThatIsKept(): void
    {
        $patron = $this->aPatron(more: ['expiresOn' => '2026-03-01']);
        $this->anItem();
        $this->signIn('desk');
        $this->lend($patron, '300000001', expect: 409, override: 'I know her');
        $this->signIn('manager');
        self::assertTrue($this->lend($patron, '300000001', expect: 409)['canOverride']);
        $this->lend($patron, '300000001', expect: 409, override: '  ');
        $loan = $this->lend($patron, '300000001', override: 'Renews at the end of the month');
        self::assertSame(['membership-expired'], self::column((array) $loan['reasons'], 'code'));
        $entry = self::at($this->get('/api/journal-entries?filter[act]=item-lent'), 'entries', 0);
        self::assertIsArray($entry);
        self::assertSame('Renews at the end of the month', $entry['reason']);
        self::assertSame('Manager', $entry['staff']);
    }

    public function testLimitsCountWhatThePatronHas(): void
    {
        $patron = $this->aPatron();
        foreach (['300000001', '300000002', '300000003', '300000004'] as $barcode) {
            $this->anItem($barcode);
        }
        $this->lend($patron, '300000001');
        $this->lend($patron, '300000002');
        $this->lend($patron, '300000003');
        self::assertSame('loan-limit-reached', self::at($this->lend($patron, '300000004', expect: 409), 'reasons', 0, 'code'));
        $this->checkIn('300000002');
        $this->lend($patron, '300000004');
    }

    public function testOverdueLoansAreTold(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $this->anItem('300000002');
        $this->lend($patron, '300000001');
        $this->itIs('2026-03-18 09:00');
        $this->signIn('desk');
        self::assertSame(['has-overdue'], self::column((array) $this->lend($patron, '300000002')['reasons'], 'code'));
        self::assertTrue($this->checkIn('300000001')['isOverdue']);
    }

    public function testADueDayOfOnesOwnNeedsThePermission(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $act = ['id' => self::id(), 'barcode' => '300000001', 'patron' => $patron, 'due' => '2026-03-08'];
        $this->signIn('desk');
        $this->send('POST', '/api/loans', $act, 403);
        $this->signIn('manager');
        $loan = $this->send('POST', '/api/loans', $act, 200);
        self::assertSame('2026-03-09T18:00:00+00:00', $loan['dueAt'], 'Sunday is closed');
    }

    public function testMayILendAsksWithoutDoing(): void
    {
        $patron = $this->aPatron();
        $this->anItem(more: ['lendingClass' => 'REF']);
        $decision = $this->get("/api/lending-decisions?patron={$patron}&barcode=300000001");
        self::assertSame('refused', $decision['outcome']);
        self::assertTrue($decision['canOverride']);
        self::assertSame(0, $this->rows('loan'));
    }

    public function testAReturnEndsTheLoanAndSaysWhereTheItemGoes(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $this->lend($patron, '300000001');
        $back = $this->checkIn('300000001');
        self::assertSame('shelve', $back['nextStep']);
        self::assertSame('Mara Venn', self::at($back, 'loan', 'patronName'));
        self::assertSame([], $this->get("/api/patrons/{$patron}/loans"));
        $again = $this->checkIn('300000001');
        self::assertNull($again['loan']);
        self::assertSame('available', $again['was']);
    }

    public function testAnItemOfAnotherBranchIsSentHomeAndArrives(): void
    {
        $this->anItem();
        $this->signIn('desk', 'HOL');
        $back = $this->checkIn('300000001');
        self::assertSame(['send', 'Lantern House', 'in-transit'], [$back['nextStep'], $back['sendTo'], self::at($back, 'item', 'status')]);
        $this->signIn('desk');
        self::assertSame('shelve', $this->checkIn('300000001')['nextStep']);
    }

    public function testAMissingItemComesBackToLifeAndOneInRepairIsSetAside(): void
    {
        $this->anItem(more: ['status' => 'missing']);
        $this->anItem('300000002', ['status' => 'in-repair']);
        $found = $this->checkIn('300000001');
        self::assertSame(['missing', 'shelve'], [$found['was'], $found['nextStep']]);
        self::assertSame('set-aside', $this->checkIn('300000002')['nextStep']);
    }

    public function testARenewalIsGivenAsOftenAsTheRuleAllows(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $loan = self::number($this->lend($patron, '300000001'), 'id');
        $this->itIs('2026-03-10 10:00');
        $this->signIn('desk');
        self::assertSame('2026-03-24T18:00:00+00:00', $this->send('POST', "/api/loans/{$loan}/renewals", ['id' => self::id()], 200)['dueAt']);
        $refused = $this->send('POST', "/api/loans/{$loan}/renewals", ['id' => self::id()], 409);
        self::assertSame('renewal-limit-reached', self::at($refused, 'reasons', 0, 'code'));
        $this->checkIn('300000001');
        self::assertSame('loan-ended', $this->send('POST', "/api/loans/{$loan}/renewals", ['id' => self::id()], 409)['code']);
    }

    public function testTakingBackACheckOutLeavesNoLoan(): void
    {
        $patron = $this->aPatron();
        $item = $this->anItem();
        $entry = self::number($this->lend($patron, '300000001'), 'journalEntry');
        $id = self::id();
        $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => $id], 200);
        $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => $id], 200);
        self::assertSame('available', $this->get('/api/items/'.$item)['status']);
        self::assertSame([], $this->get("/api/patrons/{$patron}/loans"));
        self::assertSame([], $this->get("/api/patrons/{$patron}/ended-loans")['loans']);
        self::assertSame('already-taken-back', $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => self::id()], 409)['code']);
        $this->lend($patron, '300000001');
    }

    public function testTakingBackAReturnLetsTheLoanGoOn(): void
    {
        $patron = $this->aPatron();
        $item = $this->anItem();
        $due = $this->lend($patron, '300000001')['dueAt'];
        $entry = self::number($this->checkIn('300000001'), 'journalEntry');
        $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => self::id()], 200);
        self::assertSame([$due], self::column($this->get("/api/patrons/{$patron}/loans"), 'dueAt'));
        self::assertSame('on-loan', $this->get('/api/items/'.$item)['status']);
    }

    public function testWhatSomethingNewerStandsOnIsNotTakenBack(): void
    {
        $patron = $this->aPatron();
        $this->anItem();
        $lent = self::number($this->lend($patron, '300000001'), 'journalEntry');
        $returned = self::number($this->checkIn('300000001'), 'journalEntry');
        self::assertSame('something-newer', $this->send('POST', "/api/journal-entries/{$lent}/take-back", ['id' => self::id()], 409)['code']);
        $this->send('POST', "/api/journal-entries/{$returned}/take-back", ['id' => self::id()], 200);
        $this->send('POST', "/api/journal-entries/{$lent}/take-back", ['id' => self::id()], 200);
        self::assertSame([], $this->get("/api/patrons/{$patron}/loans"));
    }

    public function testAnUnknownBarcodeIsNamed(): void
    {
        $patron = $this->aPatron();
        self::assertSame('There is no item with barcode 999.', $this->lend($patron, '999', expect: 404)['detail']);
    }
}
