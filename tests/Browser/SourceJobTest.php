<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;

/**
 * Records fetched from other catalogues, of which one is slow and one sometimes down.
 */
final class SourceJobTest extends BrowserTestCase
{
    public function testAllSourcesAreAskedAtOnceAndEachIsShownAsItAnswers(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->ask('title', 'lantern');
        $this->see('.source[aria-label="Farrowhythe College"] .source-hit');
        self::assertSame('true', $this->see('.source[aria-label="Mainland Exchange"]')->getAttribute('aria-busy'));
        $this->see('.source[aria-label="Mainland Exchange"] .source-hit');
        // One in three times it is down; then it says so and is asked again.
        $this->until(fn (): bool => 'false' === $this->see('.source[aria-label="Skellin Observatory Library"]')->getAttribute('aria-busy'), 'the observatory has answered or failed');
        $failed = $this->page->findElements(WebDriverBy::cssSelector('.source[aria-label="Skellin Observatory Library"] .is-problem button'));
        if ([] !== $failed) {
            $failed[0]->sendKeys(WebDriverKeys::ENTER);
        }
        $this->see('.source[aria-label="Skellin Observatory Library"] .source-hit');
    }

    public function testTheIsbnIsScannedFromTheBackCover(): void
    {
        [$isbn, $record] = explode(' ', $this->house->one("SELECT CONCAT(SUBSTRING(value, 2), ' ', record_id) FROM match_key WHERE value LIKE 'i979%' LIMIT 1"));
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/sources');
        $this->see('.search-box input[data-scans]')->sendKeys('');
        $this->scan($isbn);
        $this->see('.own-hits, .source', $this->house->one("SELECT title FROM record WHERE id = {$record}"));
        self::assertStringContainsString('q='.$isbn, $this->page->getCurrentURL());
    }

    public function testAFetchedRecordIsTidiedAndTakenOverAsNew(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->ask('title', 'storm');
        $before = $this->house->one('SELECT MAX(id) FROM record');
        $this->until(function (): bool {
            foreach ($this->page->findElements(WebDriverBy::cssSelector('.source[aria-label="Farrowhythe College"] .source-hit')) as $hit) {
                if (!str_contains($hit->getText(), 'We have it')) {
                    $hit->sendKeys(WebDriverKeys::ENTER);

                    return true;
                }
            }

            return false;
        }, 'a title that we do not have');
        $this->see('.tidied li', 'removed 994');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Take over as a new record"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('#field-barcode');
        $marc = $this->house->one("SELECT marc FROM record WHERE id > {$before} ORDER BY id DESC LIMIT 1");
        self::assertStringContainsString('040 ## $cVIL', $marc);
        self::assertStringNotContainsString("\n994", $marc);
    }

    public function testAFullerRecordIsLaidOverOursAndItsItemsStay(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->ask('title', 'lighthouse');
        $own = 0;
        $this->until(function () use (&$own): bool {
            foreach ($this->page->findElements(WebDriverBy::cssSelector('.source[aria-label="Farrowhythe College"] .source-hit')) as $hit) {
                if (1 === preg_match('/We have it: title (\d+)/', $hit->getText(), $found)) {
                    $own = (int) $found[1];
                    $hit->sendKeys(WebDriverKeys::ENTER);

                    return true;
                }
            }

            return false;
        }, 'a title that we have');
        $number = $this->house->one("SELECT control_number FROM record WHERE id = {$own}");
        $items = $this->house->one("SELECT COUNT(*) FROM item WHERE record_id = {$own}");
        $this->see('.side-by-side mark', 'A full summary by Farrowhythe College.');
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Lay it over ours"]'))->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-head h1');
        $this->until(fn (): bool => str_contains($this->house->one("SELECT marc FROM record WHERE id = {$own}"), 'A full summary by Farrowhythe College.'), 'ours is the fuller one');
        self::assertSame([$number, $items], [$this->house->one("SELECT control_number FROM record WHERE id = {$own}"), $this->house->one("SELECT COUNT(*) FROM item WHERE record_id = {$own}")]);
        self::assertSame('overlaid', $this->house->one("SELECT cause FROM record WHERE id = {$own}"));
    }

    public function testWordsAreATitleAndMoreHitsAreFetchedByKeys(): void
    {
        $this->signIn('cataloguer', __FUNCTION__);
        $this->page->get($this->house->address.'/catalogue/sources');
        $this->see('.list-search input')->sendKeys('storm'.WebDriverKeys::ENTER);
        $college = '.source[aria-label="Farrowhythe College"]';
        $total = (int) $this->see($college.' [role=status]', 'titles')->getText();
        self::assertGreaterThan(20, $total);
        $hits = fn (): int => \count($this->page->findElements(WebDriverBy::cssSelector($college.' .source-hit')));
        while ($hits() < $total) {
            $shown = $hits();
            $this->see($college.' button', 'Show more')->sendKeys(WebDriverKeys::ENTER);
            $this->until(static fn (): bool => $hits() > $shown, 'the next hits');
        }
        self::assertSame([], array_filter($this->page->findElements(WebDriverBy::cssSelector($college.' button')), static fn (WebDriverElement $button): bool => 'Show more' === $button->getText()), 'those were all');
        $first = $this->see($college.' .source-hit');
        $first->sendKeys(WebDriverKeys::ARROW_DOWN);
        $second = $this->page->switchTo()->activeElement();
        $title = explode("\n", $second->getText())[0];
        self::assertNotSame($first->getText(), $second->getText());
        $second->sendKeys(WebDriverKeys::ENTER);
        $this->see('.detail-head h1, .detail-side h1', $title);
    }

    private function ask(string $by, string $typed): void
    {
        $this->page->get($this->house->address.'/catalogue/sources?by='.$by);
        $this->see('.list-search input')->sendKeys($typed);
        $this->page->findElement(WebDriverBy::xpath('//button[. = "Ask all"]'))->sendKeys(WebDriverKeys::ENTER);
    }
}
