<?php

declare(strict_types=1);

namespace TinLantern\Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Every page, for people who do not see it, by day and by night, wide and narrow.
 */
final class AccessibilityTest extends BrowserTestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function looks(): iterable
    {
        yield 'day, wide' => ['day', 1280];
        yield 'night, wide' => ['night', 1280];
        yield 'day, narrow' => ['day', 390];
        yield 'night, narrow' => ['night', 390];
    }

    #[DataProvider('looks')]
    public function testNoPageHasAViolation(string $theme, int $width): void
    {
        $this->resize($width, 800);
        $this->page->get($this->house->address.'/');
        $this->see('#field-name');
        $this->page->executeScript('localStorage.setItem("tl.theme", arguments[0])', [$theme]);
        $this->page->navigate()->refresh();
        $this->see('#field-name');
        $this->assertNoViolations('sign-in');
        $this->signIn('admin', __FUNCTION__.$theme.$width);
        $patron = $this->house->patron(8);
        $pages = [
            '/desk' => '.tape', '/catalogue?q=lantern' => 'table.lines tbody tr', '/catalogue/1' => '.item-line', '/patrons' => '.list-search',
            "/patrons/{$patron['id']}" => '.detail-head', '/reports' => 'h1', '/house' => 'table.lines',
            '/catalogue/new' => '.sheets button', '/catalogue/new?worksheet=score' => '.marc-row', '/catalogue/files' => '.drop-place', '/catalogue/files/1' => 'table.lines tbody tr',
            '/catalogue/sources?by=title&q=lantern' => '.source-hit', '/catalogue/labels' => '.label-sheet', '/catalogue/headings' => '.heading-list li', '/catalogue/shelf?q=551.46' => '.shelf li', '/house/rule-book/tidy-rules/standard' => '.tidy-steps li', '/house/rule-book/worksheet/book' => '.worksheet-places tbody tr',
            '/house/rule-book/match-rule/standard' => '.some-of li', '/house/rule-book/item-preset/new-book' => '#field-value-location', '/catalogue/new?worksheet=quick' => '.field-hint',
            '/nowhere' => '.empty',
        ];
        foreach ($pages as $path => $sign) {
            $this->page->get($this->house->address.$path);
            $this->see($sign);
            $this->assertNoViolations($path);
        }
        $this->page->get($this->house->address.'/desk');
        $this->see('.tape');
        $this->scan($patron['card']);
        $this->scan($this->house->barcodes(1)[0]);
        $this->scan('unknown-code');
        $this->see('.tape-line[data-outcome=unknown]');
        $this->assertNoViolations('the desk at work');
    }

    private function assertNoViolations(string $where): void
    {
        $this->page->executeScript((string) file_get_contents(__DIR__.'/../../web/node_modules/axe-core/axe.min.js'));
        $violations = $this->page->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, { resultTypes: ["violations"], rules: { "target-size": { enabled: true } } }).then((r) => done(r.violations.map((v) => v.id + ": " + v.nodes.map((n) => n.html.slice(0, 200) + " " + n.failureSummary).join(" | "))))',
        );
        self::assertSame([], $violations, $where);
        $overflow = $this->page->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $overflow, "{$where} scrolls sideways");
    }
}
