<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\Overlay;

/**
 * A vendor's file as a cataloguer takes it in, and takes it back.
 */
final class FileJobTest extends BrowserTestCase
{
    public function testAFileIsComparedChosenForTakenInAndTakenBack(): void
    {
        $own = LineText::parse($this->house->one('SELECT marc FROM record WHERE id = 12'));
        $before = $this->house->one("SELECT CONCAT(COUNT(*), ' ', (SELECT MD5(marc) FROM record WHERE id = 12)) FROM record");
        $number = random_int(10_000, 99_999);
        $file = sys_get_temp_dir().'/brindle-'.$number.'.mrc';
        $writer = new Iso2709Writer();
        file_put_contents($file, $writer->write($own->withFields(Overlay::placed($own->fields, DataField::of('520', '  ', 'a', 'A summary from the vendor.'))))
            .$writer->write(LineText::parse("LDR 00000nam a2200000 i 4500\n245 10 \$aA storm called {$number}")).'00099'.str_repeat('x', 40)."\x1D");
        $this->signIn('cataloguer', __FUNCTION__);
        $this->sendFile($file);
        $this->see('button[type=submit]', 'Read and compare')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.facets .chip', 'Broken 1');
        $this->see('table.lines tbody tr', 'In the catalogue')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.side-by-side mark', 'A summary from the vendor.');
        $this->see('.likeness', 'same');
        $choice = $this->see('.detail-side select.pick');
        $choice->sendKeys('Replace');
        $this->see('table.lines tbody tr', 'Replace ours with theirs');
        $this->page->findElement(WebDriverBy::xpath('//button[starts-with(., "Take in")]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.file-head', '1 added, 1 replaced');
        self::assertStringContainsString('A summary from the vendor.', $this->house->one('SELECT marc FROM record WHERE id = 12'));
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Take back the whole file"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.file-head', 'Taken back');
        $this->until(fn (): bool => $before === $this->house->one("SELECT CONCAT(COUNT(*), ' ', (SELECT MD5(marc) FROM record WHERE id = 12)) FROM record"), 'everything is as it was');
        unlink($file);
    }

    public function testAShipmentIsFilledInAndGivenAPresetAndItsLabelsWait(): void
    {
        $number = random_int(10_000, 99_999);
        $file = sys_get_temp_dir().'/halyard-'.$number.'.mrc';
        file_put_contents($file, (new Iso2709Writer())->write(LineText::parse("LDR 00000nam a2200000 i 4500\n008 260101s2026    xx            000 0 eng d\n245 10 \$aA gale called {$number}\n264 #1 \$bHalyard\n852 1# \$bLAN\$h551.55\$pHY{$number}")));
        $this->signIn('cataloguer', __FUNCTION__);
        $this->sendFile($file);
        $this->choose('worksheet', 'Book');
        $this->choose('preset', 'New book, six weeks on the table');
        $this->see('button[type=submit]', 'Read and compare')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.facets .chip', 'New 1');
        $this->see('table.lines tbody tr', "A gale called {$number}")->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-side', '336 ## $atext');
        $this->page->findElement(WebDriverBy::xpath('//button[starts-with(., "Take in")]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.file-head', '1 added');
        self::assertSame('in-process NEWS', $this->house->one("SELECT CONCAT(i.status, ' ', l.code) FROM item i JOIN shelving_location l ON l.id = i.temporary_location_id WHERE i.barcode = 'HY{$number}'"));
        $this->see('button', 'Let its labels wait')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.file-head a', 'Go to the labels')->sendKeys(WebDriverKeys::ENTER);
        $this->see('.label-line', "HY{$number}");
        $this->house->query("DELETE w FROM waiting_label w JOIN item i ON i.id = w.item_id WHERE i.barcode = 'HY{$number}'");
        unlink($file);
    }

    public function testAFileIsComparedInAnotherWayPutAwayAndTakenUpAgain(): void
    {
        $number = random_int(10_000, 99_999);
        $file = sys_get_temp_dir().'/orrowby-'.$number.'.csv';
        file_put_contents($file, "Work;Maker\nTelescope {$number};Orrowby Equipment\n");
        $this->signIn('cataloguer', __FUNCTION__);
        $this->sendFile($file);
        $this->fill('column-0', '100$a');
        $this->fill('column-1', '245$a');
        $this->press('Read and compare');
        $this->see('table.lines tbody tr', 'Orrowby Equipment');

        $this->press('Compare in another way');
        $this->see('.file-head', 'is forgotten');
        $this->fill('column-0', '245$a');
        $this->fill('column-1', '100$a');
        $this->press('Read and compare');
        $this->see('table.lines tbody tr', "Telescope {$number}");

        $this->press('Put this file away');
        $this->see('.file-head', 'Nothing of it is in the catalogue.');
        $this->page->get($this->house->address.'/catalogue/files');
        $this->press('Put away');
        $this->see('table.lines tbody tr', basename($file))->sendKeys(WebDriverKeys::ENTER);
        $this->press('Take it up again');
        $this->press('Take in 1 record');
        $this->see('.file-head', '1 added');
        self::assertSame("Telescope {$number}", $this->house->one('SELECT title FROM record ORDER BY id DESC LIMIT 1'));
        unlink($file);
    }

    public function testComparingThatCameToAHaltSaysSoAndGoesOn(): void
    {
        $number = random_int(10_000, 99_999);
        $file = sys_get_temp_dir().'/brindle-'.$number.'.mrc';
        file_put_contents($file, (new Iso2709Writer())->write(LineText::parse("LDR 00000nam a2200000 i 4500\n245 10 \$aA calm called {$number}")));
        $this->signIn('cataloguer', __FUNCTION__);
        $this->sendFile($file);
        $kept = $this->house->one('SELECT path FROM intake ORDER BY id DESC LIMIT 1');
        // The disk on which it lies is away for a while.
        rename($kept, $kept.'.away');
        $this->house->query("UPDATE intake SET state = 'comparing' WHERE path = '{$kept}'");
        $this->page->navigate()->refresh();
        $this->press('Go on from there');
        $this->see('.file-head .is-problem', 'There is no readable file');
        rename($kept.'.away', $kept);
        $this->press('Go on from there');
        $this->see('.facets .chip', 'New 1');
        $this->press('Take in 1 record');
        $this->see('.file-head', '1 added');
        unlink($file);
    }

    public function testATrustedFileGoesInAtOnceByKeysAlone(): void
    {
        $number = random_int(10_000, 99_999);
        $file = sys_get_temp_dir().'/halyard-'.$number.'.mrc';
        file_put_contents($file, (new Iso2709Writer())->write(LineText::parse("LDR 00000nam a2200000 i 4500\n245 10 \$aA breeze called {$number}")));
        $this->signIn('cataloguer', __FUNCTION__);
        $this->sendFile($file);
        $this->see('.file-head input[type=checkbox]')->sendKeys(WebDriverKeys::SPACE);
        $this->choose('onMatch', 'Replace ours with theirs');
        $this->press('Compare and take in');
        $this->see('.file-head', '1 added');
        self::assertSame('taken-in replace', $this->house->one("SELECT CONCAT(state, ' ', JSON_VALUE(options, '\$.onMatch')) FROM intake ORDER BY id DESC LIMIT 1"));
        unlink($file);
    }

    public function testAFileThatIsSomethingElseIsNamedWhereItWasSent(): void
    {
        $file = sys_get_temp_dir().'/letter-'.random_int(1000, 9999).'.pdf';
        file_put_contents($file, '%PDF-1.7');
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/files');
        $this->see('.drop-place');
        $this->page->findElement(WebDriverBy::cssSelector('.drop-place input[type=file]'))->sendKeys($file);
        $this->see('.drop-place', 'is a PDF document, not a file of records');
        unlink($file);
    }

    private function sendFile(string $file): void
    {
        $this->page->get($this->house->address.'/catalogue/files');
        $this->see('.drop-place');
        $this->page->findElement(WebDriverBy::cssSelector('.drop-place input[type=file]'))->sendKeys($file);
        $this->see('.file-head h1', basename($file));
    }

    /** Writes over what a field holds. */
    private function fill(string $field, string $text): void
    {
        $this->see("#field-{$field}")->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$text);
    }

    private function press(string $button): void
    {
        $this->see('button', $button)->sendKeys(WebDriverKeys::ENTER);
    }
}
