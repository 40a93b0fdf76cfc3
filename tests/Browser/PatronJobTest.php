<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class PatronJobTest extends BrowserTestCase
{
    public function testAPatronIsRegisteredAndLentToAtOnce(): void
    {
        $this->signIn('desk', __FUNCTION__);
        $this->alt('5');
        $this->see('.list-search');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Register a patron"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-familyName')->sendKeys('Lampwick');
        $this->see('#field-givenName')->sendKeys('Tilda');
        $this->page->findElement(WebDriverBy::cssSelector('form.sheet button[type=submit]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-membership-helper-text', 'Choose a membership.');
        self::assertSame('Lampwick', $this->see('#field-familyName')->getAttribute('value'), 'what was typed is kept');
        $this->see('#field-membership')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=option]', 'Adult')->sendKeys(WebDriverKeys::ENTER);
        $this->page->findElement(WebDriverBy::cssSelector('form.sheet button[type=submit]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-head h1', 'Tilda Lampwick');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Lend to Tilda"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.patron-panel h2', 'Tilda Lampwick');
        $this->see('.lanes [aria-checked=true]', 'Lend');
    }

    public function testAStaleFormShowsBoth(): void
    {
        $patron = $this->house->patron(5);
        $this->signIn('desk', __FUNCTION__);
        $this->page->get($this->house->address.'/patrons/'.$patron['id']);
        $this->see('.detail-head h1', $patron['name']);
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Edit"]'))->sendKeys(WebDriverKeys::ENTER);
        $phone = $this->see('#field-phone');
        $this->house->database()->exec("UPDATE patron SET phone = '02 from elsewhere', version = version + 1 WHERE id = {$patron['id']}");
        $phone->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $phone->sendKeys('02 mine');
        $submit = $this->page->findElement(WebDriverBy::cssSelector('form.sheet button[type=submit]'));
        $submit->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-phone-helper-text', 'is now: 02 from elsewhere');
        $submit->sendKeys(WebDriverKeys::ENTER);
        $this->see('.facts', '02 mine');
    }
}
