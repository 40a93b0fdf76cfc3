<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class HouseJobTest extends BrowserTestCase
{
    public function testAManagerSeesInTheJournalWhatADeskDid(): void
    {
        [$barcode] = $this->house->barcodes(1);
        $this->signIn('manager', __FUNCTION__);
        $this->scan($barcode);
        $this->see('.tape-line[data-outcome=returned]', $barcode);
        $this->alt('8');
        $this->see('table.lines tbody tr:first-child', 'Item returned');
        $this->see('table.lines tbody tr:first-child', __FUNCTION__);
        $this->page->findElement(WebDriverBy::cssSelector('select.pick'))->sendKeys('House set up');
        $this->until(fn (): bool => 1 === \count($this->page->findElements(WebDriverBy::cssSelector('table.lines tbody tr'))), 'one entry is left');
        self::assertStringContainsString('act=house-set-up', $this->page->getCurrentURL());
    }

    public function testEachRoleSeesItsAreas(): void
    {
        $areas = ['desk' => 'Desk Catalogue Patrons House rules', 'cataloguer' => 'Desk Catalogue Reports House rules', 'admin' => 'Desk Catalogue Patrons Reports House rules'];
        foreach ($areas as $name => $expected) {
            $this->signIn($name, __FUNCTION__);
            self::assertSame($expected, preg_replace('/\s+/', ' ', $this->see('.rail')->getText()));
            $this->page->get($this->house->address.'/patrons');
            'cataloguer' === $name ? $this->see('h1', 'Your role does not include this page') : $this->see('.list-search');
            $this->page->manage()->deleteAllCookies();
        }
    }

    public function testNightAndRowsAreKeptForThisBrowser(): void
    {
        $this->signIn('desk', __FUNCTION__);
        foreach (['Light: Day', 'Rows: Close together'] as $choice) {
            $this->see('.who')->sendKeys(WebDriverKeys::ENTER);
            $this->see('[role=menuitem]', $choice)->click();
            $this->until(fn (): bool => [] === $this->page->findElements(WebDriverBy::cssSelector('[role=menu]')), 'the menu is closed');
        }
        $this->page->navigate()->refresh();
        $this->see('html[data-theme=night][data-rows=roomy] .tape');
    }

    public function testSigningOutAndInAgainKeepsTheTapeOfTheDesk(): void
    {
        $this->signIn('desk', __FUNCTION__);
        $this->scan('kept-on-the-tape');
        $this->see('.tape-line[data-outcome=unknown]', 'kept-on-the-tape');
        $this->see('.who')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=menuitem]', 'Sign out')->click();
        $this->see('#field-name');
        $this->signIn('manager', __FUNCTION__);
        $this->see('.tape-line[data-outcome=unknown]', 'kept-on-the-tape');
    }

    public function testWhatWasScannedWhenTheSignInEndedIsDoneAfterTheNext(): void
    {
        [$barcode] = $this->house->barcodes(1);
        $this->signIn('desk', __FUNCTION__);
        $this->see('.tape');
        $this->page->manage()->deleteAllCookies();
        $this->scan($barcode);
        $this->see('.sign-in .note', 'One scan is kept');
        $this->see('#field-name')->sendKeys('desk'.WebDriverKeys::TAB.LiveHouse::PASSWORD.WebDriverKeys::ENTER);
        $this->see('.tape-line[data-outcome=returned]', $barcode);
    }

    public function testColumnsAreChosenAndKept(): void
    {
        $this->signIn('desk', __FUNCTION__);
        $this->alt('4');
        $this->see('table.lines th', 'Year');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Columns"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=menuitemcheckbox]', 'Year')->click();
        $this->keys(WebDriverKeys::ESCAPE);
        $this->page->navigate()->refresh();
        $this->see('table.lines th', 'Call number');
        self::assertStringNotContainsString('Year', $this->see('table.lines thead')->getText());
    }
}
