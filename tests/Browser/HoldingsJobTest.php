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

    public function testTheVolumesOfASetAreAddedByScanningTheirLabels(): void
    {
        $number = random_int(1000, 9999);
        $record = $this->house->one("SELECT MAX(id) - 20 FROM record WHERE format = 'book'");
        $scans = $this->house->one('SELECT COUNT(*) FROM tape_line');
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/'.$record);
        $this->see('.section button', 'Add copies')->sendKeys(WebDriverKeys::ENTER);
        $this->choose('numbered', 'volumes of one set');
        $volume = $this->see('#field-volume');
        $volume->sendKeys(WebDriverKeys::BACKSPACE.'9');
        $this->see('#field-scanned')->sendKeys('');
        $this->scan("SET{$number}1");
        $this->scan("SET{$number}2");
        $this->until(fn (): bool => "SET{$number}1\nSET{$number}2\n" === $this->see('#field-scanned')->getAttribute('value'), 'both labels stand in the field');
        $this->see('button[type=submit]', 'Add the volumes')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-side', "SET{$number}2");
        self::assertSame('v.9 v.10', $this->house->one("SELECT GROUP_CONCAT(volume ORDER BY id SEPARATOR ' ') FROM item WHERE barcode LIKE 'SET{$number}%'"));
        self::assertSame($scans, $this->house->one('SELECT COUNT(*) FROM tape_line'), 'no scan went to the desk');
    }

    public function testFurtherCopiesBeginLikeTheFirstWithItsPiecesAndMessages(): void
    {
        $number = random_int(1000, 9999);
        $record = $this->house->one("SELECT MAX(id) - 22 FROM record WHERE format = 'book'");
        $this->house->query("UPDATE item SET pieces = 2, pieces_note = 'book and map', check_in_message = 'Is the map in it?', serial_number = 'S1' WHERE record_id = {$record}");
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/'.$record);
        $this->see('.section button', 'Add copies')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-scanned')->sendKeys("KIT{$number}1\nKIT{$number}2");
        $this->see('#field-fund')->sendKeys('Friends of the Tern');
        $this->choose('status', 'in process');
        $this->see('button[type=submit]', 'Add the copies')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-side', "KIT{$number}2");
        self::assertSame(
            '2 book and map Is the map in it?  Friends of the Tern in-process',
            $this->house->one("SELECT DISTINCT CONCAT_WS(' ', pieces, pieces_note, check_in_message, serial_number, fund, status) FROM item WHERE barcode LIKE 'KIT{$number}%'"),
        );
    }

    public function testABarcodeIsScannedIntoItsFieldOthersGoToTheDesk(): void
    {
        $barcode = 'NEW'.random_int(10_000, 99_999);
        $record = $this->house->one("SELECT MAX(id) - 21 FROM record WHERE format = 'book'");
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/'.$record);
        $this->see('.section button', 'Add an item')->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-barcode')->sendKeys('typed');
        $this->scan($barcode);
        $this->until(fn (): bool => $barcode === $this->see('#field-barcode')->getAttribute('value'), 'the label stands in the field');
        $this->see('#field-callNumber')->sendKeys(' ABL');
        $typed = $this->see('#field-callNumber')->getAttribute('value');
        $this->scan('UNKNOWN'.random_int(100, 999));
        $this->until(fn (): bool => $typed === $this->see('#field-callNumber')->getAttribute('value'), 'the call number is as it was');
        $this->see('button[type=submit]', 'Save item')->sendKeys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => $record === $this->house->one("SELECT record_id FROM item WHERE barcode = '{$barcode}'"), 'the item is there');
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
