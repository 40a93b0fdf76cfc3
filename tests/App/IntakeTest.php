<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Catalogue\Intake\TakeBackIntake;
use TinLantern\Platform\Cli\ConsoleActor;

/**
 * What a file does to a catalogue that has some of its records already, and how it is undone.
 */
final class IntakeTest extends AppTestCase
{
    use FilesOfRecords;

    private const OWN = "LDR 00000nam a2200000 i 4500\n001 vi1\n003 VIL\n008 260101s2019    xx            000 0 eng d\n020 ## \$a9783000000010\n100 1# \$aVenn, Mara\n245 10 \$aTides of Skellin\n590 ## \$aGift of the harbour master";
    private const FULLER = "LDR 00000nam a2200000 i 4500\n001 br77\n003 BRN\n008 260101s2019    xx            000 0 eng d\n020 ## \$a9783000000010\n100 1# \$aVenn, Mara\n245 10 \$aTides of Skellin\n300 ## \$a212 pages\n852 1# \$bLAN\$cADULT\$h551.46\$p300000009";

    /** @return iterable<string, array{string, list<int>, string, string}> */
    public static function choices(): iterable
    {
        $counts = static fn (int $added, int $replaced, int $merged, int $itemsOnly, int $skipped, int $items): array => [$added, $replaced, $merged, $itemsOnly, $skipped, $items];
        $fuller = str_replace("\n852 1# \$bLAN\$cADULT\$h551.46\$p300000009", '', self::FULLER);
        yield 'replace' => ['replace', $counts(0, 1, 0, 0, 0, 1), $fuller, ''];
        yield 'merge keeps the local field' => ['merge', $counts(0, 0, 1, 0, 0, 1), $fuller."\n590 ## \$aGift of the harbour master", ''];
        yield 'add only the items' => ['items', $counts(0, 0, 0, 1, 0, 1), self::OWN, ''];
        yield 'keep both' => ['keep', $counts(1, 0, 0, 0, 0, 1), self::OWN, $fuller];
        yield 'skip' => ['skip', $counts(0, 0, 0, 0, 1, 0), self::OWN, ''];
    }

    /** @param list<int> $counts */
    #[DataProvider('choices')]
    public function testAMatchIsTreatedAsChosenAndTakenBackByteForByte(string $onMatch, array $counts, string $first, string $second): void
    {
        $this->takeIn($this->lines(self::OWN));
        $before = $this->contents();
        $report = $this->takeIn($this->lines(self::FULLER), ['--on-match' => $onMatch]);
        self::assertSame([1, 0, 1], [$report['read'], $report['new'], $report['matched']]);
        self::assertSame($counts, [$report['added'], $report['replaced'], $report['merged'], $report['itemsOnly'], $report['skipped'], $report['items']]);
        self::assertSame('' === $second ? [self::body($first)] : [self::body($first), self::body($second)], array_map(self::body(...), array_column($this->contents()['records'], 'marc')));

        $back = $this->takeBack(self::number($report, 'intake'));
        self::assertSame([], $back['left']);
        self::assertSame($before, $this->contents());
        self::assertSame(1, $this->get('/api/records?q=tides')['total']);
    }

    public function testComparingChangesNothing(): void
    {
        $this->takeIn($this->lines(self::OWN));
        $before = $this->contents();
        $report = $this->takeIn($this->lines(self::FULLER, str_replace('9783000000010', '9783000000027', self::FULLER)), ['--dry-run' => true, '--on-match' => 'replace']);
        self::assertSame(['compared', 2, 1, 1, 0], [$report['state'], $report['read'], $report['matched'], $report['new'], $report['replaced']]);
        self::assertSame($before, $this->contents());
    }

    public function testTheSameTitleTwiceInAFileIsSaidAndTreatedAsAMatch(): void
    {
        $twice = $this->lines(self::FULLER, str_replace(["\n300 ## \$a212 pages", '300000009'], ["\n300 ## \$a213 pages", '300000010'], self::FULLER));
        $report = $this->takeIn($twice, ['--on-match' => 'replace']);
        self::assertSame([2, 1, 1, 1, 1, 2], [$report['read'], $report['new'], $report['again'], $report['added'], $report['replaced'], $report['items']]);
        self::assertSame(['Record 2: it is the same title as record 1 of this file.'], self::column((array) $report['problems'], 'sentence'));
        self::assertStringContainsString('213 pages', $this->text($this->contents()['records'][0]['marc']));
        $this->takeBack(self::number($report, 'intake'));
        self::assertSame([], $this->contents()['records']);
    }

    public function testWhatWeGaveOutAndGetBackChangedLeavesItsItemsAsTheyAre(): void
    {
        $this->takeIn($this->lines(self::FULLER));
        $this->connection()->executeStatement("UPDATE item SET staff_note = 'frail'");
        $report = $this->takeIn($this->lines(str_replace('212 pages', '214 pages', self::FULLER)), ['--on-match' => 'replace']);
        self::assertSame([1, 0], [$report['replaced'], $report['items']]);
        self::assertSame(['Record 1: item 300000009 is here already; it stays as it is.'], self::column((array) $report['problems'], 'sentence'));
        self::assertSame(['frail'], $this->connection()->fetchFirstColumn('SELECT staff_note FROM item'));
    }

    public function testTheSameIsbnOnAnotherFormatIsNoMatch(): void
    {
        $this->takeIn($this->lines(self::OWN));
        $report = $this->takeIn($this->lines(str_replace('nam a22', 'nim a22', self::FULLER)), ['--on-match' => 'replace']);
        self::assertSame([0, 1, 1], [$report['matched'], $report['new'], $report['added']]);
    }

    public function testNewRecordsAreLeftOutWhenOnlyItemsAreWanted(): void
    {
        $this->takeIn($this->lines(self::OWN));
        $report = $this->takeIn($this->lines(self::FULLER, str_replace('9783000000010', '9783000000027', self::FULLER)), ['--on-match' => 'items', '--on-new' => 'skip', '--match' => 'isbn']);
        self::assertSame([1, 1, 0, 1], [$report['itemsOnly'], $report['skipped'], $report['added'], $report['items']]);
    }

    public function testWhatWasLentOrEditedSinceIsLeftAndListed(): void
    {
        $this->takeIn($this->lines(self::OWN));
        $report = $this->takeIn($this->lines(
            self::FULLER,
            str_replace(['9783000000010', 'Tides of Skellin', '300000009'], ['9783000000027', 'Knitting for gulls', '300000010'], self::FULLER),
            str_replace(['9783000000010', 'Tides of Skellin', '300000009'], ['9783000000034', 'Weather at sea', '300000011'], self::FULLER),
        ), ['--on-match' => 'replace', '--match' => 'isbn']);
        $this->lend($this->aPatron(), '300000010');
        $this->connection()->executeStatement("UPDATE record SET version = version + 1, marc = CONCAT(marc, '\n500 ## \$aEdited') WHERE title = 'Tides of Skellin'");
        $back = $this->takeBack(self::number($report, 'intake'));
        self::assertSame([1, 0, ['it was edited since', 'its items 300000010 were lent, changed or added since']], [$back['removed'], $back['restored'], self::column((array) $back['left'], 'because')]);
        self::assertSame(['300000010'], $this->connection()->fetchFirstColumn('SELECT barcode FROM item'));
        self::assertSame(['Tides of Skellin', 'Knitting for gulls'], array_column($this->contents()['records'], 'title'));
    }

    public function testAnInterruptedTakingBackGoesOnWhereItWas(): void
    {
        $records = [];
        for ($number = 0; $number < 700; ++$number) {
            $records[] = str_replace(['9783000000010', 'Tides of Skellin', '300000009', 'br77'], ['', 'Tides, part '.$number, '3001'.$number, 'br'.$number], self::FULLER);
        }
        $report = $this->takeIn($this->lines(...$records));
        self::assertSame(700, $report['added']);
        try {
            self::service(TakeBackIntake::class)(self::number($report, 'intake'), self::service(ConsoleActor::class)(), static fn () => throw new \DomainException('killed'));
            self::fail('It was not interrupted.');
        } catch (\DomainException) {
            self::assertSame(200, $this->rows('record'));
        }
        self::assertSame(700, $this->takeBack(self::number($report, 'intake'))['removed']);
        self::assertSame(['records' => [], 'items' => [], 'documents' => [], 'keys' => [], 'export' => ''], $this->contents());
    }

    public function testAnIntakeIsTakenBackOnce(): void
    {
        $report = $this->takeIn($this->lines(self::OWN));
        $this->takeBack(self::number($report, 'intake'));
        self::assertStringContainsString('was taken back already', $this->console('catalogue:take-back', ['intake' => (string) self::number($report, 'intake'), '--json' => true], 1));
        self::assertSame(1, $this->takeIn($this->lines(self::OWN))['added']);
    }

    /** A record without its leader, whose lengths are the file's. */
    private static function body(mixed $lines): string
    {
        self::assertIsString($lines);

        return explode("\n", $lines, 2)[1];
    }

    /** @return array<array-key, mixed> */
    private function takeBack(int $intake): array
    {
        $report = json_decode($this->console('catalogue:take-back', ['intake' => (string) $intake, '--json' => true]), true);
        self::assertIsArray($report);

        return $report;
    }

    /** @return array{records: list<array<string, mixed>>, items: list<array<string, mixed>>, documents: list<array<string, mixed>>, keys: list<array<string, mixed>>, export: string} */
    private function contents(): array
    {
        $connection = $this->connection();

        return [
            'records' => $connection->fetchAllAssociative('SELECT id, marc, title, author, control_number FROM record ORDER BY id'),
            'items' => $connection->fetchAllAssociative('SELECT * FROM item ORDER BY id'),
            'documents' => $connection->fetchAllAssociative('SELECT * FROM search_document ORDER BY record_id'),
            'keys' => $connection->fetchAllAssociative('SELECT * FROM match_key ORDER BY value, record_id'),
            'export' => $this->export(ExportFormat::Marc, true),
        ];
    }
}
