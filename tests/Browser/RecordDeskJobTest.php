<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * Records entered and changed by the keyboard alone.
 */
final class RecordDeskJobTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->house->query('DELETE FROM record_draft');
    }

    public function testARecordIsEnteredCheckedSavedAndGivenAnItem(): void
    {
        $title = 'Lamps of Hollow Hill '.random_int(10_000, 99_999);
        $this->signIn('cataloguer', __FUNCTION__);
        $this->keys('/', 'new rec');
        $this->see('[role=listbox] [role=option]', 'New record');
        $this->keys(WebDriverKeys::ENTER);
        $this->see('.sheets button', 'Quick record');
        $this->until(fn (): bool => 'Quick record' === $this->page->executeScript('return document.activeElement.querySelector("b")?.textContent ?? ""'), 'the first worksheet has the focus');
        $this->keys(WebDriverKeys::ENTER);
        $this->see('.record-bar h1', 'Quick record');
        $this->jump('100');
        $this->keys('quill, b');
        $this->see('.offered li', 'Quill, Bram');
        $this->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_starts_with($this->valueAt('100'), 'Quill, B'), 'the heading is taken over');
        $this->control(WebDriverKeys::ENTER);
        $this->see('.record-checks [role=alert]', '(245$a) is required');
        $this->jump('245');
        $this->keys($title);
        $this->jump('500');
        $this->see('.jump [role=status]', 'Enter adds 500');
        $this->keys(WebDriverKeys::ENTER, 'Found in the boat house');
        $this->alt('c');
        $this->until(fn (): bool => 2 === \count($this->page->findElements(WebDriverBy::cssSelector('.marc-row[aria-label^="500"]'))), 'the note is repeated');
        $this->action(WebDriverKeys::ALT, WebDriverKeys::SHIFT, WebDriverKeys::DELETE);
        $this->until(fn (): bool => 1 === \count($this->page->findElements(WebDriverBy::cssSelector('.marc-row[aria-label^="500"]'))), 'and removed again');
        $this->alt('t');
        $text = $this->see('.record-text')->getAttribute('value');
        self::assertStringContainsString("245 10 \$a{$title}\n", \is_string($text) ? $text : '');
        $this->control(WebDriverKeys::ENTER);
        $this->see('.detail-head h1', $title);
        self::assertSame('1', $this->house->one("SELECT COUNT(*) FROM record WHERE title = '{$title}'"));
        self::assertStringContainsString('500 ## $aFound in the boat house', $this->house->one("SELECT marc FROM record WHERE title = '{$title}'"));
    }

    public function testADuplicateIsShownAndItsItemsPageIsOneKeyAway(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        [$isbn, $title] = explode("\n", $this->house->one("SELECT CONCAT(SUBSTRING(k.value, 2), '\n', r.title) FROM record r JOIN match_key k ON k.record_id = r.id WHERE k.value LIKE 'i979%' AND r.format = 'book' AND r.marc NOT LIKE '%250 #%' LIMIT 1"));
        $this->page->get($this->house->address.'/catalogue/new?worksheet=quick');
        $this->see('.record-bar h1', 'Quick record');
        $this->jump('020');
        $this->keys($isbn);
        $this->jump('245');
        $this->keys($title);
        $this->control(WebDriverKeys::ENTER);
        $this->see('.is-waiting', 'The catalogue has this title already');
        $this->see('.side-by-side td', $isbn);
        $this->page->findElement(WebDriverBy::xpath('//a[. = "Add my items to it"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-barcode');
    }

    public function testADraftOutlivesTheReloadAndAStaleSaveShowsBoth(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $id = $this->house->one("SELECT MAX(id) - 7 FROM record WHERE format = 'book'");
        $this->page->get($this->house->address."/catalogue/{$id}/edit");
        $this->see('.record-bar h1', "Record {$id}");
        $this->jump('590');
        $this->keys(WebDriverKeys::ENTER, 'Shelf-worn');
        $this->until(fn (): bool => '1' === $this->house->one("SELECT COUNT(*) FROM record_draft WHERE record_id = {$id} AND text LIKE '%Shelf-worn%'"), 'the server has the draft');
        $this->page->navigate()->refresh();
        $this->see('.note', 'There is a draft');
        $this->keys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => 'Shelf-worn' === $this->valueAt('590'), 'the draft goes on');
        $this->house->query("UPDATE record SET version = version + 1, changed_by = 'Greta Saltry' WHERE id = {$id}");
        $this->control(WebDriverKeys::ENTER);
        $this->see('.is-waiting', 'Greta Saltry');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Save mine over theirs"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-head h1');
        self::assertStringContainsString('590 ## $aShelf-worn', $this->house->one("SELECT marc FROM record WHERE id = {$id}"));
    }

    public function testACodedFieldIsFilledByItsPositions(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/new?worksheet=book');
        $this->see('.record-bar h1', 'Book');
        $this->jump('008');
        $this->alt('h');
        $this->see('.coded-helper select');
        $this->page->executeScript('[...document.querySelectorAll(".coded-helper label")].find((label) => label.textContent.includes("Literary form")).querySelector("select").focus()');
        $this->keys('1');
        $this->until(fn (): bool => true === $this->page->executeScript('return document.querySelector("input[aria-label^=\"008\"]").value[33] === "1"'), 'fiction stands at 33');
    }

    public function testAHeadingIsChangedEverywhereAndTakenBack(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $count = (int) $this->house->one("SELECT COUNT(*) FROM record_heading WHERE kind = 's' AND written LIKE '\$aStorms%'");
        self::assertGreaterThan(1, $count);
        $heading = $this->house->one("SELECT written FROM record_heading WHERE kind = 's' AND written LIKE '\$aStorms%' GROUP BY written ORDER BY COUNT(*) LIMIT 1");
        $records = (int) $this->house->one("SELECT COUNT(*) FROM record_heading WHERE kind = 's' AND written = '{$heading}'");
        $text = ltrim((string) preg_replace(['/\$a/', '/\$[vxyz]/'], [' ', ' · '], $heading));
        $this->page->get($this->house->address.'/catalogue/headings?kind=s&q='.rawurlencode($text));
        $this->see('.heading-list button', $text)->sendKeys(WebDriverKeys::ENTER);
        $field = $this->see('#field-to');
        self::assertSame($heading, $field->getAttribute('value'));
        $field->sendKeys('$xObserved');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Show what would change"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.side-by-side mark', 'Observed');
        $this->page->findElement(WebDriverBy::xpath('//button[starts-with(., "Change it in")]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.note', 'Changed in');
        self::assertSame((string) $records, $this->house->one("SELECT COUNT(*) FROM record_heading WHERE written = '{$heading}\$xObserved'"));
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Take back"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => (string) $records === $this->house->one("SELECT COUNT(*) FROM record_heading WHERE written = '{$heading}'"), 'all are as they were');
    }

    public function testAPhraseIsKeptAndPutIntoTheNextRecord(): void
    {
        $this->house->query('DELETE FROM saved_phrase');
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/new?worksheet=book');
        $this->see('.marc-row');
        $this->jump('520');
        $this->page->switchTo()->activeElement()->sendKeys('Written by the keepers themselves.');
        $this->alt('p');
        $this->see('.phrases button', 'Keep what stands here')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.phrases li', 'Written by the keepers');
        $this->house->query('DELETE FROM record_draft');
        $this->page->executeScript('localStorage.clear()');
        $this->page->get($this->house->address.'/catalogue/new?worksheet=score');
        $this->see('.marc-row');
        $this->jump('520');
        $this->keys(WebDriverKeys::ENTER);
        $this->alt('p');
        $this->see('.phrases li button', 'Written by the keepers')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => str_contains($this->valueAt('520'), 'Written by the keepers'), 'the phrase is in the field');
    }

    private function jump(string $tag): void
    {
        $this->alt('j');
        $this->until(fn (): bool => 'jump' === $this->page->executeScript('return document.activeElement.id'), 'the jump field has the focus');
        $this->keys($tag);
        $this->until(fn (): bool => 'jump' !== $this->page->executeScript('return document.activeElement.id') || '' !== $this->see('.jump [role=status]')->getText(), "field {$tag} is there, or offered");
    }

    public function testHeadingsAreGoneAlongByKeysInBothDirections(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/headings?kind=n');
        $this->see('.search-box input')->sendKeys('quill');
        $lit = $this->see('.heading-list .is-lit', 'Quill');
        $shown = \count($this->page->findElements(WebDriverBy::cssSelector('.heading-list li')));
        $this->see('button', 'What stands before')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => \count($this->page->findElements(WebDriverBy::cssSelector('.heading-list li'))) > $shown, 'what stands before');
        self::assertStringContainsString('Quill', $this->see('.heading-list .is-lit')->getText(), 'the place that was asked for stays lit');
        $lit->findElement(WebDriverBy::cssSelector('button'))->sendKeys(WebDriverKeys::ARROW_DOWN.WebDriverKeys::ARROW_DOWN.WebDriverKeys::ARROW_UP);
        $here = $this->page->switchTo()->activeElement();
        self::assertSame($this->page->executeScript('return document.querySelector(".heading-list .is-lit").nextElementSibling.innerText'), $here->getText());
        $text = explode("\n", $here->getText())[0];
        $here->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-side', $text);
    }

    private function valueAt(string $tag): string
    {
        $value = $this->page->executeScript("return document.querySelector('.marc-row[aria-label^=\"{$tag}\"] .heading-input > :first-child')?.value ?? ''");

        return \is_string($value) ? $value : '';
    }

    private function control(string $key): void
    {
        $this->action(WebDriverKeys::CONTROL, $key);
    }

    private function action(string ...$keys): void
    {
        $last = array_pop($keys);
        $action = $this->page->action();
        foreach ($keys as $key) {
            $action = $action->keyDown(null, $key);
        }
        $action = $action->sendKeys(null, (string) $last);
        foreach (array_reverse($keys) as $key) {
            $action = $action->keyUp(null, $key);
        }
        $action->perform();
    }
}
