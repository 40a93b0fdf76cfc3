<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Core\Marc\Iso2709Reader;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;

/**
 * What the house does to the records of a file, and what it gives their items, before they come in.
 */
final class TreatedFilesTest extends AppTestCase
{
    use FilesOfRecords;

    private const LEADER = "LDR 00000nam a2200000 i 4500\n";
    private const THEIRS = self::LEADER."001 br77\n003 BRN\n008 260101s2019    xx            000 0 eng d\n245 10 \$aTides of Skellin\$h[text]\n500 ## \$aTorn\n852 1# \$bLAN\$h551.46\$p300000009\n938 ## \$aVendor's stock";
    private const TREATED = "001 br77\n003 BRN\n008 260101s2019    xx            000 0 eng d\n040 ## \$cVIL\n245 10 \$aTides of Skellin\n336 ## \$atext\$btxt\$2rdacontent\n337 ## \$aunmediated\$bn\$2rdamedia\n338 ## \$avolume\$bnc\$2rdacarrier\n500 ## \$aTorn";

    /** @return iterable<string, array{bool}> */
    public static function ways(): iterable
    {
        yield 'in one go' => [false];
        yield 'compared first, then taken in' => [true];
    }

    #[DataProvider('ways')]
    public function testRecordsAreTidiedFilledInAndLookedThrough(bool $isComparedFirst): void
    {
        $options = ['--tidy' => 'standard', '--worksheet' => 'book'];
        if ($isComparedFirst) {
            $this->takeIn($this->lines(self::THEIRS), $options + ['--dry-run' => true]);
        }
        $report = $this->takeIn($this->lines(self::THEIRS), $options);
        self::assertSame([1, 1], [$report['added'], $report['items']]);
        $marc = $this->text($this->connection()->fetchOne('SELECT marc FROM record'));
        self::assertSame(self::TREATED, explode("\n", $marc, 2)[1]);
        self::assertSame(['Record 1: Production, publication, distribution, manufacture, and copyright notice: Name of producer, publisher, distributor, manufacturer (264$b) is required by the worksheet and is not there.'], self::sentences($report));
        // The item fields stand where they stood: behind the record's own.
        self::assertStringEndsWith("500 ## \$aTorn\n852 1# \$bLAN\$h551.46\$p300000009", self::exported($this->export(ExportFormat::Marc, true)));
        self::assertSame(0, $this->get('/api/records?q=vendor')['total']);
    }

    public function testNothingIsDoneUnlessItIsChosen(): void
    {
        $report = $this->takeIn($this->lines(self::THEIRS));
        self::assertSame([], $report['problems']);
        self::assertStringContainsString('938 ## $aVendor', $this->text($this->connection()->fetchOne('SELECT marc FROM record')));
    }

    #[DataProvider('ways')]
    public function testItemsBeginWithAPresetWhereTheirRecordSaysNothing(bool $isComparedFirst): void
    {
        $this->itIs('2026-03-03 10:00');
        $this->signIn('administrator');
        $this->preset(['status' => 'in-process', 'location' => 'CHILD', 'lendingClass' => 'FILM', 'prefix' => 'J', 'vendor' => 'Brindle & Wherry', 'pieces' => 2, 'price' => '12.50', 'temporaryLocation' => 'ADULT', 'temporaryWeeks' => 6]);
        $file = $this->lines(
            self::LEADER."245 10 \$aTides\n852 1# \$bLAN\$h551.46\$p300000001\n876 ## \$p300000001\$eHalyard",
            self::LEADER."245 10 \$aGulls\n852 1# \$bHOL\$cADULT\$kREF\$h598.1\$p300000002",
        );
        if ($isComparedFirst) {
            $this->takeIn($file, ['--preset' => 'shipment', '--dry-run' => true]);
        }
        $report = $this->takeIn($file, ['--preset' => 'shipment']);
        $items = $this->connection()->fetchAllAssociative('SELECT i.status, l.code AS location, c.code AS class, i.prefix, i.vendor, i.pieces, i.price_minor, t.code AS for_a_time, i.temporary_until FROM item i JOIN shelving_location l ON l.id = i.location_id JOIN lending_class c ON c.id = i.lending_class_id JOIN shelving_location t ON t.id = i.temporary_location_id ORDER BY i.barcode');
        $given = ['class' => 'FILM', 'pieces' => 2, 'price_minor' => 1250, 'for_a_time' => 'ADULT', 'temporary_until' => '2026-04-14'];
        self::assertEquals([
            ['status' => 'in-process', 'location' => 'CHILD', 'prefix' => 'J', 'vendor' => 'Halyard'] + $given,
            ['status' => 'in-process', 'location' => 'ADULT', 'prefix' => 'REF', 'vendor' => 'Brindle & Wherry'] + $given,
        ], $items);
        // What the preset gave goes out with the rest; what the record said stays as it was.
        $export = $this->export(ExportFormat::Marc, true);
        self::assertStringContainsString("\x1fp300000001\x1feHalyard\x1fc12.50", $export);
        self::assertStringContainsString('Brindle & Wherry', $export);
        $this->console('catalogue:take-back', ['intake' => (string) self::number($report, 'intake')]);
        self::assertSame([0, 0], [$this->rows('item'), $this->rows('record')]);
    }

    public function testWhatIsChosenForTheFileGoesBeforeThePreset(): void
    {
        $this->preset(['location' => 'CHILD', 'lendingClass' => 'FILM']);
        $this->takeIn($this->lines(self::LEADER."245 10 \$aTides\n852 1# \$p300000001"), ['--preset' => 'shipment', '--location' => 'ADULT']);
        self::assertSame(['ADULT', 'FILM'], $this->connection()->fetchNumeric('SELECT l.code, c.code FROM item i JOIN shelving_location l ON l.id = i.location_id JOIN lending_class c ON c.id = i.lending_class_id'));
    }

    public function testAPresetThatNamesWhatTheHouseDoesNotHaveGivesTheFirstOfTheList(): void
    {
        $this->preset(['location' => 'ATTIC', 'lendingClass' => 'FILM', 'temporaryLocation' => 'ROOF', 'temporaryWeeks' => 2]);
        $this->takeIn($this->lines(self::THEIRS), ['--preset' => 'shipment']);
        self::assertSame(['ADULT', 'FILM', null, null], $this->connection()->fetchNumeric('SELECT l.code, c.code, i.temporary_location_id, i.temporary_until FROM item i JOIN shelving_location l ON l.id = i.location_id JOIN lending_class c ON c.id = i.lending_class_id'));
    }

    public function testAPresetThatSetsWhatLendingSetsGivesAvailableItems(): void
    {
        $this->preset(['status' => 'on-loan']);
        $this->takeIn($this->lines(self::THEIRS), ['--preset' => 'shipment']);
        self::assertSame('available', $this->connection()->fetchOne('SELECT status FROM item'));
    }

    public function testTheRulesOfTheDayOfComparingCount(): void
    {
        $this->signIn('administrator');
        $path = '/api/intakes/'.self::number($this->sendFile($this->lines(self::THEIRS)), 'id');
        $this->send('POST', $path.'/comparing', ['id' => self::id(), 'tidyRules' => 'standard', 'worksheet' => 'book'], 200);
        $this->work();
        self::assertSame(['standard', 'book'], [self::at($this->get($path), 'choices', 'tidyRules'), self::at($this->get($path), 'choices', 'worksheet')]);
        self::assertSame([1, 1], [self::at($this->get($path), 'counts', 'remarked'), \count((array) $this->get($path.'/records?filter[kind]=remarked')['records'])]);
        self::assertNotContains('938', self::column((array) $this->get($path.'/records/1')['pairs'], 'tag'), 'it is shown as it is going to be');
        $this->send('PUT', '/api/rule-book/tidy-rules/standard', ['id' => self::id(), 'name' => 'None', 'position' => 1, 'version' => 0, 'content' => ['steps' => []]], 200);
        $this->send('POST', $path.'/taking-in', ['id' => self::id()], 200);
        $this->work();
        self::assertStringNotContainsString('938', $this->text($this->connection()->fetchOne('SELECT marc FROM record')));
    }

    /** @return iterable<string, array{string, string, non-empty-string}> */
    public static function unknown(): iterable
    {
        yield 'tidy rules' => ['--tidy', 'sweep', '--tidy: There is no set of tidy rules "sweep". Choose one of: '];
        yield 'a worksheet' => ['--worksheet', 'globe', '--worksheet: There is no worksheet "globe". Choose one of: '];
        yield 'a preset' => ['--preset', 'globe', '--preset: There is no item preset "globe". Choose one of: '];
        yield 'a branch' => ['--branch', 'MOON', '--branch: There is no branch "MOON". Choose one of: '];
        yield 'a lending class' => ['--lending-class', 'MOON', '--lending-class: There is no lending class "MOON". Choose one of: '];
        yield 'a match rule' => ['--match', 'luck', '--match: There is no match rule "luck". Choose one of: '];
        yield 'a tag' => ['--keep', '59', '--keep: "59" is no tag.'];
        yield 'what happens to matches' => ['--on-match', 'guess', '--on-match=guess is not known. Choose one of: replace'];
    }

    /** @param non-empty-string $sentence */
    #[DataProvider('unknown')]
    public function testWhatTheHouseDoesNotHaveIsSaidAndNothingIsDone(string $option, string $value, string $sentence): void
    {
        $report = $this->takeIn($this->lines(self::THEIRS), [$option => $value], 2);
        self::assertStringStartsWith($sentence, $this->text($report['error']));
        self::assertSame([0, 0], [$this->rows('intake'), $this->rows('record')]);
    }

    public function testTheNextDayItIsStillTheSameFile(): void
    {
        $this->itIs('2026-03-03 10:00');
        $this->signIn('administrator');
        $this->preset(['temporaryLocation' => 'ADULT', 'temporaryWeeks' => 6]);
        $options = ['--worksheet' => 'book', '--preset' => 'shipment'];
        $first = $this->takeIn($this->lines(self::THEIRS), $options + ['--dry-run' => true]);
        $this->itIs('2026-03-04 10:00');
        $second = $this->takeIn($this->lines(self::THEIRS), $options);
        self::assertSame([$first['intake'], 1], [$second['intake'], $second['added']]);
        self::assertSame('2026-04-14', $this->connection()->fetchOne('SELECT temporary_until FROM item'), 'as it was on the day of comparing');
        self::assertSame(1, $this->takeIn($this->lines(self::THEIRS), $options)['skipped']);
        self::assertSame(1, $this->takeIn($this->lines(self::THEIRS), ['--worksheet' => 'quick', '--match' => 'none'])['added'], 'with other choices it is another');
    }

    public function testAFileThatWasTakenInBeforeThereWasATreatmentIsKnownAgain(): void
    {
        $this->takeIn($this->lines(self::THEIRS));
        self::assertStringNotContainsString('treatment', $this->text($this->connection()->fetchOne('SELECT options FROM intake')));
        self::assertSame([1, 0], [$this->takeIn($this->lines(self::THEIRS))['skipped'], $this->rows('record') - 1]);
    }

    /** @param array<string, string|int> $values */
    private function preset(array $values): void
    {
        $this->send('PUT', '/api/rule-book/item-preset/shipment', ['id' => self::id(), 'name' => 'Shipment', 'position' => 1, 'version' => 0, 'content' => ['values' => $values]], 200);
    }

    /**
     * @param array<array-key, mixed> $report
     *
     * @return list<mixed>
     */
    private static function sentences(array $report): array
    {
        return self::column((array) $report['problems'], 'sentence');
    }

    /** The one record of an export, as lines of text. */
    private static function exported(string $bytes): string
    {
        foreach ((new Iso2709Reader())->read([$bytes]) as $record) {
            return $record instanceof MarcRecord ? LineText::write($record) : '';
        }

        return '';
    }
}
