<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * What the house has laid down for its own work is checked, protected and taken back like everything else.
 */
final class RuleBookTest extends AppTestCase
{
    public function testARuleThatIsNoneIsRefusedWithItsSentence(): void
    {
        $problem = $this->send('PUT', '/api/rule-book/source/odd', ['id' => self::id(), 'name' => 'Odd', 'content' => ['url' => 'ftp://x', 'version' => '3', 'timeLimit' => 90]], 422);
        self::assertSame(['url', 'version', 'timeLimit'], self::column((array) $problem['violations'], 'field'));
        $problem = $this->send('PUT', '/api/rule-book/worksheet/odd', ['id' => self::id(), 'name' => 'Odd', 'content' => ['beginning' => 'Title', 'required' => ['title']]], 422);
        self::assertSame(['beginning', 'required'], self::column((array) $problem['violations'], 'field'));
        $this->send('PUT', '/api/rule-book/poems/odd', ['id' => self::id(), 'name' => 'Odd'], 404);
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> kind, content, the fields that are at fault */
    public static function contents(): iterable
    {
        $sheet = ['pageWidth' => 210, 'pageHeight' => 297, 'columns' => 2, 'rows' => 5, 'left' => 5, 'top' => 8.5, 'width' => 95, 'height' => 50, 'stepX' => 100, 'stepY' => 55, 'textSize' => 12];
        yield 'a sheet' => ['label-sheet', $sheet, []];
        yield 'a sheet that is full to the edge' => ['label-sheet', ['left' => 0, 'stepX' => 105, 'width' => 105] + $sheet, []];
        yield 'a sheet with more labels than fit beside each other' => ['label-sheet', ['columns' => 3] + $sheet, ['columns']];
        yield 'a sheet with more labels than fit below each other' => ['label-sheet', ['rows' => 6] + $sheet, ['columns']];
        yield 'a sheet without a height' => ['label-sheet', array_diff_key($sheet, ['height' => 0]), ['height']];
        yield 'a sheet as long as the quay' => ['label-sheet', ['pageHeight' => 20_000] + $sheet, ['pageHeight']];
        yield 'a width in words' => ['label-sheet', ['width' => 'wide'] + $sheet, ['width']];
        yield 'a range' => ['barcode-range', ['beginning' => 'GEAR', 'digits' => 3, 'check' => 'luhn'], []];
        yield 'a range without a beginning' => ['barcode-range', ['beginning' => '', 'digits' => 12, 'check' => 'none'], []];
        yield 'a range that no scanner reads' => ['barcode-range', ['beginning' => 'GÊAR 7', 'digits' => 0, 'check' => 'maybe'], ['digits', 'beginning', 'check']];
        yield 'a match rule' => ['match-rule', ['keys' => ['isbn', 'title'], 'agreement' => ['year', 'volume']], []];
        yield 'a match rule with keys that are none' => ['match-rule', ['keys' => ['colour'], 'agreement' => ['smell']], ['keys', 'agreement']];
        yield 'a preset' => ['item-preset', ['values' => ['status' => 'in-process', 'temporaryWeeks' => 6], 'range' => 'gear'], []];
        yield 'a preset that says nothing' => ['item-preset', ['values' => []], ['values']];
        yield 'a preset of a field that items do not have' => ['item-preset', ['values' => ['colour' => 'blue']], ['values']];
        yield 'tidy rules' => ['tidy-rules', ['steps' => [['act' => 'remove', 'tags' => '9..'], ['act' => 'add', 'text' => '040 ## $cVIL']]], []];
        yield 'a tidy rule that is none' => ['tidy-rules', ['steps' => [['act' => 'remove', 'tags' => '9'], ['act' => 'polish']]], ['steps']];
        yield 'a printer on a sheet that is not there' => ['label-printer', ['address' => 'http://127.0.0.1:9/', 'sheet' => 'moon', 'dotsPerMm' => 8], ['sheet']];
    }

    /**
     * @param array<string, mixed> $content
     * @param list<string>         $faults
     */
    #[DataProvider('contents')]
    public function testAnEntryIsWrittenDownOrEachOfItsFaultsIsNamed(string $kind, array $content, array $faults): void
    {
        $answer = $this->send('PUT', "/api/rule-book/{$kind}/quay", ['id' => self::id(), 'name' => 'For the quay', 'content' => $content], [] === $faults ? 200 : 422);
        self::assertSame($faults, [] === $faults ? [] : self::column((array) $answer['violations'], 'field'));
        $written = array_column($this->get('/api/rule-book/'.$kind), 'content', 'code')['quay'] ?? null;
        if ([] === $faults) {
            self::assertEquals($content, $written);
        } else {
            self::assertNull($written, 'nothing of it is written down');
        }
    }

    public function testARuleThatSomebodyElseHasChangedIsNotSavedOver(): void
    {
        $rule = ['name' => 'Mine', 'content' => ['keys' => ['isbn'], 'agreement' => []]];
        $this->send('PUT', '/api/rule-book/match-rule/isbn', ['id' => self::id(), 'version' => 0] + $rule, 200);
        self::assertSame('stale', $this->send('PUT', '/api/rule-book/match-rule/isbn', ['id' => self::id(), 'version' => 0] + $rule, 409)['code']);
        self::assertContains('Mine', self::column($this->get('/api/rule-book/match-rule'), 'name'));
    }

    /** @return iterable<string, array{list<array{string, array<string, mixed>}>}> what is done one after the other, the last of it taken back */
    public static function changes(): iterable
    {
        $ours = static fn (string $name): array => ['name' => $name, 'content' => ['keys' => ['isbn'], 'agreement' => ['year']]];
        yield 'a change of one that Tin Lantern brings' => [[['PUT isbn', $ours('Ours')]]];
        yield 'a second change' => [[['PUT isbn', $ours('Ours')], ['PUT isbn', $ours('Ours, better')]]];
        yield 'a new one' => [[['PUT lanterns', $ours('New')]]];
        yield 'one that was struck out and is made anew' => [[['POST isbn', []], ['PUT isbn', $ours('Anew')]]];
        yield 'striking out one that Tin Lantern brings' => [[['POST isbn', []]]];
        yield 'striking out one of the house' => [[['PUT lanterns', $ours('New')], ['POST lanterns', []]]];
    }

    /** @param list<array{string, array<string, mixed>}> $done */
    #[DataProvider('changes')]
    public function testAChangeIsTakenBackAndTheBookIsAsItWas(array $done): void
    {
        $before = [];
        foreach ($done as [$what, $body]) {
            $before = $this->book();
            [$method, $code] = explode(' ', $what);
            $version = ['version' => array_column($this->get('/api/rule-book/match-rule'), 'version', 'code')[$code] ?? 0];
            $this->send($method, '/api/rule-book/match-rule/'.$code.('POST' === $method ? '/removal' : ''), ['id' => self::id()] + $body + ('PUT' === $method ? $version : []), 200);
        }
        self::assertNotSame($before, $this->book());
        $this->takeBackTheLast(200);
        self::assertSame($before, $this->book());
        self::assertSame('already-taken-back', $this->takeBackTheLast(409)['code']);
    }

    public function testAnEntryThatWasChangedAgainStaysAsItIs(): void
    {
        $this->send('PUT', '/api/rule-book/match-rule/isbn', ['id' => self::id(), 'name' => 'One', 'content' => ['keys' => ['isbn'], 'agreement' => []]], 200);
        $first = $this->lastChange();
        $this->send('PUT', '/api/rule-book/match-rule/isbn', ['id' => self::id(), 'version' => 1, 'name' => 'Two', 'content' => ['keys' => ['title'], 'agreement' => []]], 200);
        $before = $this->book();
        self::assertSame('newer-in-the-way', $this->send('POST', "/api/journal-entries/{$first}/take-back", ['id' => self::id()], 409)['code']);
        self::assertSame($before, $this->book());
    }

    public function testTheRuleBookIsTakenBackByThoseWhoMayChangeIt(): void
    {
        $this->send('POST', '/api/rule-book/match-rule/isbn/removal', ['id' => self::id()], 200);
        $entry = $this->lastChange();
        $this->signIn('desk');
        $this->send('POST', "/api/journal-entries/{$entry}/take-back", ['id' => self::id()], 403);
        self::assertNotContains('isbn', self::column($this->get('/api/rule-book/match-rule'), 'code'));
    }

    public function testAWorksheetSpeaksOfItsFieldsAsTheHouseDoes(): void
    {
        $content = ['help' => '', 'beginning' => "LDR 00000nam a22000003i 4500\n245 10 \$a", 'required' => ['245$a', '500'], 'recommended' => ['300$a'], 'labels' => ['245$a' => 'As on the title page'], 'hints' => ['245$a' => 'Take all of it.']];
        $this->send('PUT', '/api/rule-book/worksheet/ours', ['id' => self::id(), 'name' => 'Ours', 'content' => $content], 200);
        $check = $this->send('POST', '/api/record-checks', ['text' => "LDR 00000nam a22000003i 4500\n245 10 \$a", 'worksheet' => 'ours'], 200);
        self::assertSame(['As on the title page (245$a)', 'General note (500)'], self::column((array) $check['missing'], 'name'));
        $refused = $this->send('POST', '/api/records', ['id' => self::id(), 'text' => "LDR 00000nam a22000003i 4500\n500 ## \$aNo title", 'worksheet' => 'ours'], 422);
        self::assertSame('As on the title page (245$a) is required and is empty.', self::at($refused, 'violations', 0, 'sentence'));
    }

    public function testWhatAWorksheetSaysOfNoFieldIsRefused(): void
    {
        $content = ['beginning' => "LDR 00000nam a22000003i 4500\n245 10 \$a", 'labels' => ['title' => 'Title'], 'hints' => ['245$a' => str_repeat('long ', 101)]];
        $problem = $this->send('PUT', '/api/rule-book/worksheet/odd', ['id' => self::id(), 'name' => 'Odd', 'content' => $content], 422);
        self::assertSame(['labels', 'hints'], self::column((array) $problem['violations'], 'field'));
    }

    /** @return list<array<array-key, mixed>> all match rules, without their versions */
    private function book(): array
    {
        return array_values(array_map(static fn (mixed $rule): array => array_diff_key((array) $rule, ['version' => 0]), $this->get('/api/rule-book/match-rule')));
    }

    private function lastChange(): int
    {
        $entry = $this->connection()->fetchOne("SELECT MAX(id) FROM journal_entry WHERE act IN ('rule-changed', 'rule-removed')");

        return is_numeric($entry) ? (int) $entry : 0;
    }

    /** @return array<array-key, mixed> */
    private function takeBackTheLast(int $expect): array
    {
        return $this->send('POST', '/api/journal-entries/'.$this->lastChange().'/take-back', ['id' => self::id()], $expect);
    }
}
