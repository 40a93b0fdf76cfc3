<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class DeskJobTest extends BrowserTestCase
{
    public function testACardAndTwoScansLendTwoItemsAndTwoMoreReturnThem(): void
    {
        $patron = $this->house->patron();
        [$first, $second] = $this->house->barcodes(2);
        $this->signIn('desk', __FUNCTION__);
        $this->scan($patron['card']);
        $this->scan($first);
        $this->scan($second);
        $this->see('.patron-panel h2', $patron['name']);
        $this->see('.tape-line[data-outcome=lent]', $second);
        $this->see('[aria-label="Lent now"] .loan:nth-child(2)');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->see('.lanes [aria-checked=true]', 'Return');
        $this->scan($second);
        $this->scan($first);
        $this->see('.tape-line[data-outcome=returned]', $first);
        $this->see('.tape-line[data-outcome=returned]', $second);
        self::assertSame('0', $this->house->one("SELECT COUNT(*) FROM loan WHERE open_patron_id = {$patron['id']}"));
        self::assertSame('2', $this->house->one("SELECT COUNT(*) FROM loan WHERE patron_id = {$patron['id']} AND returned_at > NOW() - INTERVAL 1 MINUTE"));
    }

    public function testAScanWorksFromInsideATextFieldWhoseTextStays(): void
    {
        [$barcode] = $this->house->barcodes(1);
        $desk = __FUNCTION__;
        $this->signIn('desk', $desk);
        $this->alt('4');
        $search = $this->see('.search-box input');
        $all = $this->see('.list-tools [role=status]', 'titles')->getText();
        $search->click();
        foreach (['t', 'i', 'd', 'e'] as $letter) {
            $this->keys($letter);
            $typed = ($typed ?? '').$letter;
            $this->until(static fn (): bool => $search->getAttribute('value') === $typed, $typed);
            $this->page->executeAsyncScript('setTimeout(arguments[0], 60)');
        }
        $this->until(fn (): bool => $all !== $this->see('.list-tools [role=status]', 'titles')->getText(), 'the search is done');
        $this->scan($barcode);
        $this->until(fn (): bool => '1' === $this->house->one("SELECT COUNT(*) FROM tape_line WHERE desk = '{$desk}' AND line LIKE '%{$barcode}%'"), 'the scan is taken');
        self::assertSame('tide', $search->getAttribute('value'));
        $this->alt('1');
        $this->see('.tape-line[data-outcome=returned]', $barcode);
    }

    public function testARefusalStaysWithItsReasonsAndIsOverriddenWithAReason(): void
    {
        $card = $this->house->one('SELECT card_number FROM patron WHERE barred_because IS NOT NULL AND is_card_lost = 0 AND expires_on > CURRENT_DATE + INTERVAL 20 DAY AND NOT EXISTS (SELECT 1 FROM loan l WHERE l.open_patron_id = patron.id) LIMIT 1');
        [$barcode] = $this->house->barcodes(1);
        $this->signIn('manager', __FUNCTION__);
        $this->scan($card);
        $this->scan($barcode);
        $line = $this->see('.tape-line[data-outcome=refused]', 'Barred');
        $line->findElement(WebDriverBy::xpath('.//button[contains(., "Lend it all the same")]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.tape-line form input');
        $this->keys('Paid', ' ', 'yesterday', WebDriverKeys::TAB, WebDriverKeys::ENTER);
        $this->see('.tape-line[data-outcome=lent]', $barcode);
        self::assertSame('Paid yesterday', $this->house->one("SELECT reason FROM journal_entry WHERE act = 'item-lent' AND desk = '".__FUNCTION__."'"));
    }

    public function testWhatThePersonHasAlreadyIsRenewedOrReturnedOnItsLine(): void
    {
        $patron = $this->house->patron();
        [$barcode] = $this->house->barcodes(1);
        $this->signIn('desk', __FUNCTION__);
        $this->scan($patron['card']);
        $this->scan($barcode);
        $this->see('.tape-line[data-outcome=lent]', $barcode);
        $this->scan($barcode);
        $line = $this->see('.tape-line[data-outcome=already-theirs]', 'Renew it, or is it coming back?');
        $line->findElement(WebDriverBy::xpath('.//button[starts-with(@aria-label, "Return ")]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.tape-line[data-outcome=returned]', $barcode);
        $this->see('.lanes [aria-checked=true]', 'Lend');
    }

    public function testTheLastActIsTakenBackWithOneKey(): void
    {
        $patron = $this->house->patron();
        [$barcode] = $this->house->barcodes(1);
        $this->signIn('desk', __FUNCTION__);
        $this->scan($patron['card']);
        $this->scan($barcode);
        $this->see('.tape-line[data-outcome=lent]', $barcode);
        $this->keys('z');
        $this->see('.tape-line.is-taken-back', $barcode);
        self::assertSame('available', $this->house->one("SELECT status FROM item WHERE barcode = '{$barcode}'"));
    }

    public function testAnItemOfAnotherBranchStaysLitUntilItIsDone(): void
    {
        $barcode = $this->house->one("SELECT barcode FROM item WHERE status = 'available' AND branch_id = 4 ORDER BY RAND() LIMIT 1");
        $this->signIn('desk', __FUNCTION__);
        $this->scan($barcode);
        $this->scan('nobody-knows-this');
        $line = $this->see('.waits .tape-line', 'Send to Hollow Hill');
        $this->see('.tape-line[data-outcome=unknown]', 'nobody-knows-this');
        $line->findElement(WebDriverBy::xpath('.//button[. = "Done"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => [] === $this->page->findElements(WebDriverBy::cssSelector('.waits')), 'nothing waits any more');
    }

    public function testScansOutliveALostConnectionAndAReload(): void
    {
        $patron = $this->house->patron();
        $barcodes = $this->house->barcodes(3);
        $this->signIn('desk', __FUNCTION__);
        $this->scan($patron['card']);
        $this->see('.patron-panel h2', $patron['name']);
        $this->cutNetwork(true);
        foreach ($barcodes as $barcode) {
            $this->scan($barcode);
        }
        $this->see('.waiting', '3 scans wait to be sent');
        self::assertSame('0', $this->house->one("SELECT COUNT(*) FROM loan WHERE open_patron_id = {$patron['id']}"));
        $this->cutNetwork(false);
        $this->page->navigate()->refresh();
        foreach ($barcodes as $barcode) {
            $this->see('.tape-line[data-outcome=lent]', $barcode);
        }
        self::assertSame('3', $this->house->one("SELECT COUNT(*) FROM loan WHERE open_patron_id = {$patron['id']}"));
        $listed = implode("','", $barcodes);
        self::assertSame('3', $this->house->one("SELECT COUNT(*) FROM loan l JOIN item i ON i.id = l.item_id WHERE i.barcode IN ('{$listed}') AND l.patron_id = {$patron['id']}"), 'each exactly once');
    }

    public function testTheBarIsUsedByHandWithTheKeyboardAlone(): void
    {
        $patron = $this->house->patron(3);
        $this->signIn('desk', __FUNCTION__);
        $this->keys('/');
        $bar = $this->see('#lantern-bar');
        foreach (mb_str_split($patron['name']) as $letter) {
            $bar->sendKeys($letter);
            $this->page->executeAsyncScript('setTimeout(arguments[0], 45)');
        }
        $this->see('.found [role=option]', $patron['name']);
        $this->keys(WebDriverKeys::ENTER);
        $this->see('.detail-head h1', $patron['name']);
        $this->keys('?');
        $this->see('[role=dialog]', 'Keys');
    }
}
