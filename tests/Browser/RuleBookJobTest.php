<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * The house lays down how it works: with the keyboard, seen at once where the work is done, and taken back.
 */
final class RuleBookJobTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->house->query("DELETE FROM house_rule WHERE kind IN ('worksheet', 'match-rule', 'item-preset')");
    }

    protected function tearDown(): void
    {
        $this->house->query("DELETE FROM house_rule WHERE kind IN ('worksheet', 'match-rule', 'item-preset')");
        parent::tearDown();
    }

    public function testAWorksheetIsGivenTheHousesOwnWords(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/house/rule-book/worksheet/score');
        $this->see('input[aria-label="What 245$a is called here"]')->sendKeys('Name of the piece');
        $this->keys(WebDriverKeys::TAB, 'req', WebDriverKeys::TAB);
        $this->page->switchTo()->activeElement()->sendKeys('With its key and number.');
        $beginning = $this->see('#field-beginning');
        $beginning->sendKeys([WebDriverKeys::CONTROL, WebDriverKeys::END]);
        $beginning->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ENTER]);
        $beginning->sendKeys('nonsense');
        $this->page->findElement(WebDriverBy::cssSelector('.rule-form [type=submit]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-beginning-helper-text', 'begin with a tag of three characters');
        $beginning->sendKeys(str_repeat(WebDriverKeys::BACKSPACE, 9));
        $this->page->findElement(WebDriverBy::cssSelector('.rule-form [type=submit]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=status]', 'Saved.');

        $this->page->get($this->house->address.'/catalogue/new?worksheet=score');
        $this->see('.subfield-name', 'Name of the piece required');
        $this->see('.field-hint', 'With its key and number.');
        $this->see('.record-work aside, .record-work', 'Name of the piece (245$a)');

        $this->page->get($this->house->address.'/reports?act=rule-changed');
        $this->see('table.lines tbody tr:first-child button', 'Take back')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => '' === $this->house->one("SELECT code FROM house_rule WHERE kind = 'worksheet'"), 'the worksheet is as it came');
    }

    public function testOfManyWhoChangeAnEntryForTheFirstTimeAtOnceOneIsTaken(): void
    {
        $cookies = [$this->house->signIn('cataloguer', 'First 1'), $this->house->signIn('manager', 'First 2')];
        foreach (['isbn', 'control', 'careful', 'lanterns'] as $code) {
            $requests = array_map(fn (int $number): \CurlHandle => $this->house->request('PUT', '/api/rule-book/match-rule/'.$code, ['id' => LiveHouse::uuid(), 'version' => 0, 'name' => "Number {$number}", 'content' => ['keys' => ['isbn'], 'agreement' => []]], $cookies[$number % 2]), range(1, 6));
            $statuses = array_column($this->house->together($requests), 0);
            sort($statuses);
            self::assertSame([200, 409, 409, 409, 409, 409], $statuses);
            self::assertSame('1', $this->house->one("SELECT version FROM house_rule WHERE kind = 'match-rule' AND code = '{$code}'"));
        }
    }

    public function testAMatchRulesKeysArePutInOrder(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/house/rule-book/match-rule/standard');
        $this->see('button[aria-label="Further up: ISBN"]')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.some-of li:first-child', 'ISBN');
        $this->see('.some-of input[type=checkbox]:not(:checked)')->sendKeys(WebDriverKeys::SPACE);
        $this->page->findElement(WebDriverBy::cssSelector('.rule-form [type=submit]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=status]', 'Saved.');
        self::assertSame('{"keys":["isbn","control","issn","title"],"agreement":["title","volume","edition","format","author"]}', $this->house->one("SELECT content FROM house_rule WHERE kind = 'match-rule'"));
    }

    public function testAnItemBeginsWithWhatAPresetSays(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/house/rule-book/item-preset/score');
        $this->see('select[aria-label^="Set another field"]')->sendKeys('Note for ev');
        $this->see('#field-value-publicNote')->sendKeys('Ask for the parts');
        $this->page->findElement(WebDriverBy::cssSelector('.rule-form [type=submit]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=status]', 'Saved.');

        $this->page->get($this->house->address.'/catalogue/'.$this->house->one('SELECT MIN(id) FROM record'));
        $this->see('button', 'Add an item')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-preset')->sendKeys(WebDriverKeys::ENTER);
        $this->see('[role=option]', 'Score')->click();
        self::assertSame('Ask for the parts', $this->see('#field-publicNote')->getAttribute('value'));
        $this->see('#field-lendingClass', 'Score');
    }
}
