<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class CataloguingJobTest extends BrowserTestCase
{
    public function testATitleIsFoundAndAnItemAddedByKeyboard(): void
    {
        $barcode = '39'.random_int(1_000_000, 9_999_999);
        $this->signIn('cataloguer', __FUNCTION__);
        $this->alt('4');
        $this->see('.search-box input')->sendKeys('vesper almanack tides');
        $this->until(fn (): bool => 1 === \count($this->page->findElements(WebDriverBy::cssSelector('table.lines tbody tr'))), 'one title is left');
        $this->see('table.lines tbody tr')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-head h1', 'Vesper Almanack of Tides');
        $this->see('.item-line');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Add an item"]'))->sendKeys(WebDriverKeys::ENTER);
        $field = $this->see('#field-barcode');
        $field->sendKeys('has blanks');
        $this->page->findElement(WebDriverBy::cssSelector('form.sheet button[type=submit]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-barcode-helper-text', 'A barcode has no blanks');
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        foreach (str_split($barcode) as $digit) {
            $field->sendKeys($digit);
        }
        $this->page->findElement(WebDriverBy::cssSelector('form.sheet button[type=submit]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.item-line', $barcode);
        self::assertSame('1', $this->house->one("SELECT COUNT(*) FROM item WHERE barcode = '{$barcode}'"));
    }

    public function testTheRecordIsShownAsMarc(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/1');
        $this->see('.switch-view');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "MARC"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.marc tr', '$a Vesper Almanack of Tides.');
    }

    public function testASearchIsInTheAddressAndTheBackButtonWorks(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue?q=lantern&format=score');
        $this->see('.chip', 'Score');
        $this->see('table.lines tbody tr')->click();
        $this->see('.detail-head h1');
        self::assertStringContainsString('q=lantern', $this->page->getCurrentURL());
        $this->page->navigate()->back();
        $this->see('.detail-side .empty', 'Choose a title');
        $this->see('.chip', 'Score');
    }

    public function testWordsTypedWronglyLeadToTheRightOnesAndTheSearchIsSaved(): void
    {
        $this->house->query('DELETE FROM saved_search');
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue?q=lantren');
        $this->see('.empty button', 'lantern')->sendKeys(WebDriverKeys::ENTER);
        $this->see('table.lines tbody tr');
        $this->see('.saved-searches summary')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.saved-searches button', 'Save this search')->sendKeys(WebDriverKeys::ENTER);
        $name = $this->see('#field-search-name');
        foreach (str_split('Lamps') as $letter) {
            $name->sendKeys($letter);
        }
        $this->see('.saved-searches button[type=submit]', 'Save')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.saved-searches a', 'Lamps');
        $this->page->get($this->house->address.'/catalogue');
        $this->see('.saved-searches summary')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.saved-searches a', 'Lamps')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => 'lantern' === $this->see('.list-search .search-box input')->getAttribute('value'), 'the search is there again');
    }
}
