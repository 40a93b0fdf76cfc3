<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

/**
 * Records as a cataloguer enters and changes them.
 */
final class EditingTest extends AppTestCase
{
    private const TIDES = "LDR 00000nam a2200000 i 4500\n008 260303s2019    xx            000 0 eng d\n020 ## \$a9783000000010\n100 1# \$aVenn, Mara,\$eauthor.\n245 10 \$aTides of Skellin\n650 #4 \$aTides\$zSkellin.";

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn('cataloguer');
    }

    public function testPhrasesAreKeptForOneselfOnceAndForgotten(): void
    {
        $this->signIn('cataloguer');
        $form = ['tag' => '500', 'text' => '$aWith a folded chart at the end'];
        $kept = $this->send('POST', '/api/phrases', ['id' => self::id()] + $form, 200);
        self::assertSame($kept, $this->send('POST', '/api/phrases', ['id' => self::id()] + $form, 200), 'the same text is kept once');
        self::assertSame(['$aWith a folded chart at the end'], self::column($this->get('/api/phrases'), 'text'));
        $this->send('POST', '/api/phrases', ['id' => self::id(), 'tag' => '5', 'text' => ' '], 422);
        $this->signIn('administrator');
        self::assertSame([], $this->get('/api/phrases'), 'another person has phrases of their own');
        $this->send('DELETE', '/api/phrases/'.self::number($kept, 'id'), null, 200);
        $this->signIn('cataloguer');
        self::assertCount(1, $this->get('/api/phrases'), 'and cannot forget those of somebody else');
        self::assertSame([], $this->send('DELETE', '/api/phrases/'.self::number($kept, 'id'), null, 200));
    }

    public function testANewRecordIsSavedWithoutEmptyFieldsAndFoundAtOnce(): void
    {
        $saved = $this->add(self::TIDES."\n500 ## \$a\$b \n264 #1 \$a\$bLamp & Anchor\$c");
        self::assertSame(1, $saved['version']);
        $text = $this->lines($saved);
        self::assertContains('264 #1 $bLamp & Anchor', $text);
        self::assertSame([], preg_grep('/^500/', $text));
        self::assertContains(\sprintf('001 tl%08d', self::number($saved, 'id')), $text);
        self::assertContains('005 20260303100000.0', $text);
        self::assertSame(1, $this->get('/api/records?q=tides+lamp')['total']);
        self::assertSame(1, $this->get('/api/records?q=9783000000010')['total']);
    }

    public function testRequiredFieldsStopASaveAndSayWhich(): void
    {
        $problem = $this->add("LDR 00000nam a2200000 i 4500\n245 10 \$a", 'book', 422);
        self::assertSame(['008', '245$a', '264$b'], self::column((array) $problem['violations'], 'field'));
        self::assertStringContainsString('Title statement: Title (245$a) is required', (string) json_encode($problem['violations']));
        self::assertSame(0, $this->rows('record'));
    }

    public function testATextThatIsNoRecordIsAnsweredWithItsLine(): void
    {
        $problem = $this->add("LDR 00000nam a2200000 i 4500\n245 10 Tides", '', 422);
        self::assertStringContainsString('Line 2', (string) json_encode($problem));
    }

    public function testADuplicateIsShownBesideTheNewOneAndCanBeKept(): void
    {
        $first = $this->add(self::TIDES);
        $problem = $this->add(str_replace('Tides of Skellin', 'Tides of Skelin', self::TIDES), '', 409);
        self::assertSame(['duplicate', self::number($first, 'id'), 'isbn'], [$problem['code'], self::at($problem, 'duplicates', 0, 'record'), self::at($problem, 'duplicates', 0, 'on')]);
        $differing = array_values(array_filter((array) self::at($problem, 'duplicates', 0, 'pairs'), static fn ($pair): bool => \is_array($pair) && '245' === $pair['tag']));
        self::assertSame(['tag' => '245', 'left' => '245 10 $aTides of Skellin', 'right' => '245 10 $aTides of Skelin', 'isSame' => false], $differing[0]);
        $this->send('POST', '/api/records', ['id' => self::id(), 'text' => self::TIDES, 'keepBoth' => true], 200);
        self::assertSame(2, $this->rows('record'));
    }

    public function testAStaleSaveIsRefusedWithTheOtherShown(): void
    {
        $saved = $this->add(self::TIDES);
        $path = '/api/records/'.self::number($saved, 'id');
        $changed = $this->send('PUT', $path, ['id' => self::id(), 'version' => 1, 'text' => self::TIDES."\n500 ## \$aSigned"], 200);
        self::assertSame(2, $changed['version']);
        $problem = $this->send('PUT', $path, ['id' => self::id(), 'version' => 1, 'text' => self::TIDES."\n500 ## \$aOther"], 409);
        self::assertSame(['stale', 2], [$problem['code'], self::at($problem, 'current', 'version')]);
        self::assertStringContainsString('Signed', (string) json_encode(self::at($problem, 'current', 'text')));
    }

    public function testSavingTwiceIsOneVersionAndSavingTheSameIsNone(): void
    {
        $saved = $this->add(self::TIDES);
        $path = '/api/records/'.self::number($saved, 'id');
        $act = ['id' => self::id(), 'version' => 1, 'text' => self::TIDES."\n500 ## \$aSigned"];
        $first = $this->send('PUT', $path, $act, 200);
        self::assertSame($first, $this->send('PUT', $path, $act, 200));
        $this->itIs('+1 hour');
        self::assertSame(2, $this->send('PUT', $path, ['id' => self::id(), 'version' => 2, 'text' => $first['text']], 200)['version']);
    }

    public function testAnEarlierVersionIsComparedAndReturnedTo(): void
    {
        $saved = $this->add(self::TIDES);
        $path = '/api/records/'.self::number($saved, 'id');
        $this->send('PUT', $path, ['id' => self::id(), 'version' => 1, 'text' => str_replace('Skellin', 'Farrow', self::TIDES)], 200);
        self::assertSame([[2, true, 'edited'], [1, false, 'edited']], array_map(static fn ($version): array => \is_array($version) ? [$version['version'], $version['isCurrent'], $version['cause']] : [], $this->get($path.'/versions')));
        $pairs = array_filter($this->get($path.'/versions/1'), static fn ($pair): bool => \is_array($pair) && '245' === $pair['tag']);
        self::assertSame(['245 10 $aTides of Skellin', '245 10 $aTides of Farrow'], [array_column($pairs, 'left')[0], array_column($pairs, 'right')[0]]);
        $back = $this->send('POST', $path.'/return', ['id' => self::id(), 'version' => 2, 'to' => 1], 200);
        self::assertSame([3, $saved['text']], [$back['version'], $back['text']]);
        self::assertSame([1, 0], [$this->get('/api/records?q=skellin')['total'], $this->get('/api/records?q=farrow')['total']]);
    }

    public function testChangesAndNewRecordsAreTakenBack(): void
    {
        $saved = $this->add(self::TIDES);
        $path = '/api/records/'.self::number($saved, 'id');
        $this->send('PUT', $path, ['id' => self::id(), 'version' => 1, 'text' => str_replace('Skellin', 'Farrow', self::TIDES)], 200);
        $this->takeBack('record-changed');
        self::assertSame($saved['text'], $this->get($path.'/text')['text']);
        $this->send('POST', '/api/records', ['id' => self::id(), 'text' => str_replace(['9783000000010', 'Tides of'], ['9783000000027', 'Gulls of'], self::TIDES)], 200);
        $this->takeBack('record-added');
        self::assertSame([1, 0], [$this->rows('record'), $this->get('/api/records?q=gulls')['total']]);
    }

    public function testANewRecordWithItemsStays(): void
    {
        $saved = $this->add(self::TIDES);
        $this->send('POST', '/api/records/'.self::number($saved, 'id').'/items', $this->itemForm('300000001'), 200);
        $this->takeBack('record-added', 409);
        self::assertSame(1, $this->rows('record'));
    }

    public function testADraftIsKeptUntilTheRecordIsSaved(): void
    {
        $this->send('PUT', '/api/record-drafts/0', ['text' => self::TIDES, 'worksheet' => 'book'], 200);
        self::assertSame([self::TIDES, 'book'], [$this->get('/api/record-drafts/0')['text'], $this->get('/api/record-drafts/0')['worksheet']]);
        $this->signIn('administrator');
        self::assertNull($this->get('/api/record-drafts/0')['text']);
        $this->signIn('cataloguer');
        $this->add(self::TIDES);
        self::assertNull($this->get('/api/record-drafts/0')['text']);
    }

    public function testWarningsAreNoWalls(): void
    {
        $odd = str_replace('650 #4', '650 #9', self::TIDES)."\n188 ## \$ax";
        $check = $this->send('POST', '/api/record-checks', ['text' => $odd, 'worksheet' => 'book'], 200);
        self::assertSame(['indicator', 'unknown-field'], self::column((array) $check['remarks'], 'code'));
        self::assertSame(['264$b'], self::column((array) $check['missing'], 'place'));
        self::assertContains('300$a', self::column((array) $check['wanting'], 'place'));
        self::assertSame(1, $this->add($odd)['version']);
    }

    public function testEveryWorksheetIsARecordThatTheStandardHasNothingAgainst(): void
    {
        $worksheets = $this->get('/api/rule-book/worksheet');
        self::assertGreaterThan(5, \count($worksheets));
        foreach ($worksheets as $worksheet) {
            self::assertIsArray($worksheet);
            $text = self::at($worksheet, 'content', 'beginning');
            self::assertIsString($text);
            $check = $this->send('POST', '/api/record-checks', ['text' => str_replace('{today}', '260303', $text)], 200);
            self::assertSame([null, []], [$check['problem'], $check['remarks']], (string) json_encode($worksheet['code']));
        }
    }

    public function testHeadingsAreOfferedWithTheirCountsAndChangedEverywhere(): void
    {
        $this->add(self::TIDES);
        $this->add(str_replace(['9783000000010', 'Tides of'], ['9783000000027', 'Gulls of'], self::TIDES));
        self::assertSame([['text' => 'Venn, Mara', 'records' => 2]], self::texts($this->get('/api/headings?kind=n&q=venn+m')));
        self::assertSame([['text' => 'Tides · Skellin', 'records' => 2]], self::texts($this->get('/api/headings?kind=s&q=tid')));
        $change = ['kind' => 'n', 'from' => '$aVenn, Mara', 'to' => '$aVenn, Mara Ione,$d1950-'];
        $preview = $this->send('POST', '/api/heading-previews', ['id' => self::id()] + $change, 200);
        self::assertSame([2, '100 1# $aVenn, Mara Ione,$d1950-,$eauthor.'], [$preview['records'], self::at($preview, 'examples', 0, 'pairs', 0, 'right')]);
        self::assertSame(2, $this->send('POST', '/api/heading-changes', ['id' => self::id()] + $change, 200)['records']);
        self::assertSame([['text' => 'Venn, Mara Ione, 1950-', 'records' => 2]], self::texts($this->get('/api/headings?kind=n&q=venn')));
        self::assertSame(2, $this->get('/api/records?q=ione')['total']);
        $this->takeBack('heading-changed');
        self::assertSame([['text' => 'Venn, Mara', 'records' => 2]], self::texts($this->get('/api/headings?kind=n&q=venn')));
    }

    /** @return array<array-key, mixed> */
    private function add(string $text, string $worksheet = '', int $expect = 200): array
    {
        return $this->send('POST', '/api/records', ['id' => self::id(), 'text' => $text, 'worksheet' => $worksheet], $expect);
    }

    private function takeBack(string $act, int $expect = 200): void
    {
        $entry = $this->connection()->fetchOne('SELECT MAX(id) FROM journal_entry WHERE act = ?', [$act]);
        $this->send('POST', '/api/journal-entries/'.(is_numeric($entry) ? $entry : 0).'/take-back', ['id' => self::id()], $expect);
    }

    /**
     * @param array<array-key, mixed> $saved
     *
     * @return list<string>
     */
    private function lines(array $saved): array
    {
        self::assertIsString($saved['text']);

        return explode("\n", $saved['text']);
    }

    /**
     * @param array<array-key, mixed> $headings
     *
     * @return list<array{text: mixed, records: mixed}>
     */
    private static function texts(array $headings): array
    {
        return array_values(array_map(static fn ($heading): array => ['text' => ((array) $heading)['text'], 'records' => ((array) $heading)['records']], $headings));
    }
}
