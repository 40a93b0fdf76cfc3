<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/**
 * Duplicates merged, items moved, shelves gone along, messages heard at the desk: by keyboard.
 */
final class HoldingsJobTest extends BrowserTestCase
{
    public function testATitleCataloguedTwiceIsMergedAndTheMergingTakenBack(): void
    {
        [$kept, $other] = $this->twins();
        $before = $this->items($kept);
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/'.$kept);
        $this->see('.detail-side button', 'Merge with another title')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.title-picker input')->sendKeys($this->house->one("SELECT title FROM record WHERE id = {$other}"));
        $this->see('.title-picker .source-hit')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.side-by-side');
        $this->see('.panel button', "Merge {$other} into {$kept}")->sendKeys(WebDriverKeys::ENTER);
        $this->see('.note', 'Both are one title now.');
        self::assertSame('0', $this->house->one("SELECT COUNT(*) FROM record WHERE id = {$other}"));
        self::assertGreaterThan($before, $this->items($kept));
        $this->page->get($this->house->address.'/catalogue/'.$other);
        $this->see('.detail-side', "was merged into record {$kept}");
        $this->page->navigate()->back();
        $this->see('.note button', 'Take back')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => '1' === $this->house->one("SELECT COUNT(*) FROM record WHERE id = {$other}"), 'the other is back');
        self::assertSame($before, $this->items($kept));
    }

    public function testItemsAreMovedToTheTitleTheyBelongTo(): void
    {
        $item = (int) $this->house->one("SELECT MAX(id) FROM item WHERE status = 'available' AND record_id <> 1");
        $from = (int) $this->house->one("SELECT record_id FROM item WHERE id = {$item}");
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/'.$from);
        $this->see('.section button', 'Move items')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.title-picker input')->sendKeys('vesper almanack tides');
        $this->see('.title-picker .source-hit', 'Vesper Almanack')->sendKeys(WebDriverKeys::ENTER);
        $barcode = $this->house->one("SELECT barcode FROM item WHERE id = {$item}");
        $this->page->findElement(WebDriverBy::cssSelector("input[aria-label='Choose item {$barcode}']"))->sendKeys(' ');
        $this->see('.panel button', 'Move 1 item')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.panel', '1 item was moved.');
        self::assertSame('1', $this->house->one("SELECT record_id FROM item WHERE id = {$item}"));
        $this->see('.panel button', 'Take back')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $from === (int) $this->house->one("SELECT record_id FROM item WHERE id = {$item}"), 'the item is back');
    }

    public function testAShelfIsGoneAlongFromACallNumber(): void
    {
        $this->signIn('desk', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/shelf');
        $this->see('.shelf-page .search-box input')->sendKeys('551.46');
        $this->see('.shelf .is-lit', '551.46');
        $count = \count($this->page->findElements(WebDriverBy::cssSelector('.shelf li')));
        $this->see('.shelf-page button', 'What stands behind')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => \count($this->page->findElements(WebDriverBy::cssSelector('.shelf li'))) > $count, 'more of the shelf');
        $this->see('.shelf-page button', 'What stands before')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => \count($this->page->findElements(WebDriverBy::cssSelector('.shelf li'))) > $count + 20, 'and before it');
    }

    public function testPiecesAndAMessageWaitForAHandAtTheDesk(): void
    {
        $barcode = $this->house->barcodes(1)[0];
        $this->house->query("UPDATE item SET pieces = 3, pieces_note = '2 discs, 1 booklet', check_in_message = 'Look for scratches' WHERE barcode = '{$barcode}'");
        $this->signIn('desk', __FUNCTION__);
        $this->scan($barcode);
        $line = $this->see('.waits .tape-line', $barcode);
        self::assertStringContainsString('Count 3 pieces: 2 discs, 1 booklet', $line->getText());
        self::assertStringContainsString('Look for scratches', $line->getText());
        $this->see('.waits button', 'Done')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => [] === $this->page->findElements(WebDriverBy::cssSelector('.waits .tape-line')), 'the line is settled');
        $this->house->query("UPDATE item SET pieces = 1, pieces_note = '', check_in_message = '' WHERE barcode = '{$barcode}'");
    }

    /** @return array{int, int} ids of two records of one title */
    private function twins(): array
    {
        $pair = $this->house->query('SELECT a.id, b.id FROM record a JOIN record b ON b.title_key = a.title_key AND b.author = a.author AND b.year = a.year AND b.id > a.id
            WHERE EXISTS (SELECT 1 FROM item i WHERE i.record_id = b.id) ORDER BY a.id LIMIT 1')->fetch(\PDO::FETCH_NUM);
        self::assertIsArray($pair);

        return [is_numeric($pair[0]) ? (int) $pair[0] : 0, is_numeric($pair[1]) ? (int) $pair[1] : 0];
    }

    private function items(int $record): int
    {
        return (int) $this->house->one("SELECT COUNT(*) FROM item WHERE record_id = {$record}");
    }
}
