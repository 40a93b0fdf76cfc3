<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Catalogue\Intake\IntakeDefaults;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Intake\RecordFile;
use TinLantern\Catalogue\Intake\TakeInFile;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\JsonWriter;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Tests\Marc\Records;
use TinLantern\Platform\Cli\ConsoleActor;
use TinLantern\Platform\Problem\Conflict;

final class TakeInTest extends AppTestCase
{
    use FilesOfRecords;

    public function testAFileIsTakenInWithItsItemsAndFoundAtOnce(): void
    {
        $report = $this->takeIn($this->iso(Records::tides()));
        self::assertSame([1, 1, 0, 0, 2], [$report['read'], $report['added'], $report['skipped'], $report['failed'], $report['items']]);
        self::assertSame(['The house does not know the branch "QUA"; its items were given "LAN".'], $report['unknownCodes']);
        $found = $this->get('/api/records?q=pilot+tides');
        self::assertSame(1, $found['total']);
        self::assertSame(['in' => 2, 'items' => 2, 'callNumber' => '551.46 VEN'], self::at($found, 'records', 0, 'availability'));
        $item = self::at($this->get('/api/records/'.self::number((array) self::at($found, 'records', 0), 'id').'/items'), 0);
        self::assertIsArray($item);
        self::assertSame(['300000001', '12.50', '2019-03-01', '1'], [$item['barcode'], $item['price'], $item['acquiredOn'], $item['copy']]);
    }

    public function testWhatGoesInComesOutByteByByte(): void
    {
        $record = new MarcRecord(Records::LEADER, array_map(
            static fn ($field) => $field instanceof DataField && '852' === $field->tag && 'QUA' === $field->first('b') ? DataField::of('852', '1 ', 'b', 'HOL', 'p', '300000002', 'x', 'kept') : $field,
            Records::tides()->fields,
        ));
        $odd = [];
        foreach (Records::odd(60) as $one) {
            $odd[] = (new MarcRecord($one->leader, array_values(array_filter($one->fields, static fn ($field): bool => !\in_array($field->tag, ['852', '876'], true)))))->composed();
        }
        $bytes = $this->iso($record, ...$odd);
        self::assertSame(61, $this->takeIn($bytes)['added']);
        self::assertSame($bytes, $this->export(ExportFormat::Marc, true));
        self::assertStringNotContainsString('300000002', $this->export(ExportFormat::Marc, false));
    }

    public function testWhatWasChangedSinceComesOutChangedAndNothingElse(): void
    {
        $this->takeIn($this->iso(Records::tides()), ['--branch' => 'HOL']);
        $item = $this->connection()->fetchOne("SELECT id FROM item WHERE barcode = '300000001'");
        self::assertIsInt($item);
        $view = $this->get('/api/items/'.$item);
        $this->send('PUT', '/api/items/'.$item, ['version' => $view['version'], 'location' => 'CHILD', 'price' => '14.00', 'callNumber' => '551.46 VEN', 'copy' => '1', 'acquiredOn' => '2019-03-01', 'volume' => 'bound'] + $this->itemForm('300000001'), 200);
        $expected = str_replace(['cADULT', 'LAN', 'QUA', '12.50'], ['cCHILD', 'LAN', 'HOL', '14.00'], $this->iso(Records::tides()));
        $expected = preg_replace('/(?<=bHOL\x1Fc)CHILD/', 'ADULT', $expected);
        self::assertSame($expected, $this->export(ExportFormat::Marc, true));
    }

    public function testANewItemIsGivenOutInTheStandardsFields(): void
    {
        $record = $this->aRecord();
        $this->send('POST', "/api/records/{$record}/items", $this->itemForm('300000077') + ['price' => '5'], 200);
        $xml = $this->export(ExportFormat::MarcXml, true);
        self::assertStringContainsString('<datafield tag="852" ind1="1" ind2=" "><subfield code="b">LAN</subfield><subfield code="c">ADULT</subfield><subfield code="h">551.46</subfield><subfield code="i">VEN</subfield><subfield code="p">300000077</subfield></datafield>', $xml);
        self::assertStringContainsString('<datafield tag="876" ind1=" " ind2=" "><subfield code="p">300000077</subfield><subfield code="c">5.00</subfield><subfield code="h">BOOK</subfield></datafield>', $xml);
    }

    public function testAllThatIsParticularToAPieceGoesOutAndComesBack(): void
    {
        $particulars = [
            'material' => 'Discs and booklet', 'volume' => 'v.2', 'vendor' => 'Brindle & Wherry Books', 'fund' => 'Friends of the Tern', 'pieces' => 3, 'piecesNote' => '2 discs, 1 booklet',
            'publicNote' => 'Ask for it', 'staffNote' => 'Frail', 'checkInMessage' => 'Look for scratches', 'checkOutMessage' => 'Handle with care', 'serialNumber' => 'TL $5-007',
        ];
        $record = $this->aRecord();
        $item = self::number($this->send('POST', "/api/records/{$record}/items", $particulars + $this->itemForm('300000077'), 200), 'id');
        $given = $this->export(ExportFormat::Marc, true);
        $this->send('PUT', "/api/items/{$item}", ['version' => 1] + $this->itemForm('300000078'), 200);
        self::assertSame(1, $this->takeIn($given)['items']);
        $back = $this->get('/api/items/'.self::number(['id' => $this->connection()->fetchOne("SELECT id FROM item WHERE barcode = '300000077'")], 'id'));
        self::assertSame($particulars, array_merge($particulars, array_intersect_key($back, $particulars)));
        $this->connection()->executeStatement('DELETE FROM item WHERE barcode = ?', ['300000078']);
        self::assertStringContainsString(explode("\x1E", $given)[\count(explode("\x1E", $given)) - 2], $this->export(ExportFormat::Marc, true), 'the field 976 as it was');
    }

    public function testALocalFieldIsTakenInByAMappingAndGivenOutAgain(): void
    {
        $record = new MarcRecord(Records::LEADER, [DataField::of('245', '10', 'a', 'Tides'), DataField::of('952', '  ', 'a', 'HOL', 'o', '551.46 VEN', 'p', '300000001', '9', 'local')]);
        $report = $this->takeIn($this->iso($record), ['--items' => '952:barcode=p,branch=a,callNumber=o']);
        self::assertSame(1, $report['items']);
        self::assertSame($this->iso($record), $this->export(ExportFormat::Marc, true));
        self::assertSame('HOL', self::at($this->get('/api/lantern?q=300000001'), 'item', 'branch'));
    }

    public function testOneFaultyRecordHarmsNoOther(): void
    {
        $good = $this->iso(Records::tides());
        $report = $this->takeIn($this->iso(new MarcRecord(Records::LEADER, [])).'00099'.substr($good, 5).$good, expect: 1);
        self::assertSame([3, 2, 1, 2], [$report['read'], $report['added'], $report['failed'], $report['items']]);
        self::assertSame(['failed'], self::column((array) $report['problems'], 'kind'));
        self::assertStringStartsWith('Record 2 (at byte 26)', $this->text(self::at($report, 'problems', 0, 'sentence')));
    }

    public function testABarcodeThatIsTakenLeavesOutItsItemOnly(): void
    {
        $this->anItem('300000002');
        $report = $this->takeIn($this->iso(Records::tides()));
        self::assertSame([1, 1], [$report['added'], $report['items']]);
        self::assertStringContainsString('300000002 is on another item already', $this->text(self::at($report, 'problems', 0, 'sentence')));
    }

    public function testTheSameFileIsTakenInOnce(): void
    {
        $bytes = $this->iso(Records::tides());
        $this->takeIn($bytes);
        $again = $this->takeIn($bytes);
        self::assertSame([0, 1], [$again['added'], $again['skipped']]);
        self::assertStringContainsString('was taken in before', $this->text(self::at($again, 'problems', 0, 'sentence')));
        self::assertSame(1, $this->takeIn($bytes, ['--again' => true])['added']);
    }

    /** @return iterable<string, array{list<array{bool, string, int, int}>}> compare only, killed while doing what up to which record, records that are in then */
    public static function interruptions(): iterable
    {
        yield 'compared and taken in at once' => [[[false, 'taken in', 500, 500], [false, 'taken in', 1000, 1000]]];
        yield 'compared first, then taken in' => [[[true, 'compared', 500, 0], [false, 'compared', 1000, 0], [false, 'taken in', 500, 500]]];
        yield 'killed at the very end' => [[[false, 'taken in', 1200, 1200]]];
    }

    /** @param list<array{bool, string, int, int}> $rounds */
    #[DataProvider('interruptions')]
    public function testAnInterruptedIntakeGoesOnWhereItWas(array $rounds): void
    {
        $file = $this->file($this->iso(...Records::odd(1200)));
        $options = new IntakeOptions(ItemMapping::holdings(), new IntakeDefaults('LAN', 'ADULT', 'BOOK'), matchRule: 'none');
        foreach ($rounds as [$compareOnly, $what, $done, $in]) {
            try {
                self::service(TakeInFile::class)(RecordFile::open($file), $options, self::service(ConsoleActor::class)(), static function (string $doing, int $to) use ($what, $done): void {
                    if ([$what, $done] === [$doing, $to]) {
                        throw new \DomainException('killed');
                    }
                }, $compareOnly);
                self::fail('It was not interrupted.');
            } catch (\DomainException) {
                self::assertSame($in, $this->rows('record'));
            }
        }
        $report = self::service(TakeInFile::class)(RecordFile::open($file), $options, self::service(ConsoleActor::class)());
        self::assertSame([1200, 1200, 1], [$report->read, $report->added, $this->rows('intake')]);
        self::assertSame([1200, 1200, 1200], [$this->rows('record'), $this->rows('search_document'), $this->rows('intake_record')]);
    }

    public function testTwoWhoTakeInTheSameFileAtOnceDoNotTakeItInTwice(): void
    {
        $file = $this->file($this->iso(...Records::odd(1200)));
        $options = new IntakeOptions(ItemMapping::holdings(), new IntakeDefaults('LAN', 'ADULT', 'BOOK'), matchRule: 'none');
        $actor = self::service(ConsoleActor::class)();
        $other = null;
        try {
            // In the middle of one intake the other goes through the whole rest.
            self::service(TakeInFile::class)(RecordFile::open($file), $options, $actor, static function () use ($file, $options, $actor, &$other): void {
                $other ??= self::service(TakeInFile::class)(RecordFile::open($file), $options, $actor);
            });
            self::fail('Both took it in.');
        } catch (Conflict $conflict) {
            self::assertSame('intake-running', $conflict->problemCode);
        }
        self::assertSame(1200, $this->rows('record'));
        self::assertSame(1200, $this->rows('search_document'));
    }

    public function testRecordsThatDescribeNoTitleAreSkippedAndNamed(): void
    {
        $report = $this->takeIn($this->iso(new MarcRecord('00000nz  a2200000n  4500', []), new MarcRecord('00000dam a2200000 i 4500', [])));
        self::assertSame([2, 0, 2], [$report['read'], $report['added'], $report['skipped']]);
        self::assertSame(['skipped', 'skipped'], self::column((array) $report['problems'], 'kind'));
    }

    public function testMarcXmlIsTakenInAndComesOutFieldByField(): void
    {
        $writer = new MarcXmlWriter();
        $xml = $writer->head().$writer->write(new MarcRecord(Records::LEADER, [DataField::of('245', '10', 'a', 'Tides & "tales" <naïve>')])).$writer->foot();
        $this->takeIn($xml);
        self::assertSame($xml, $this->export(ExportFormat::MarcXml, true));
    }

    /** @return iterable<string, array{string, string}> */
    public static function encodings(): iterable
    {
        yield 'the low byte first' => ["\xFF\xFE", 'UTF-16LE'];
        yield 'the high byte first' => ["\xFE\xFF", 'UTF-16BE'];
    }

    #[DataProvider('encodings')]
    public function testFilesInUtf16AreRead(string $mark, string $encoding): void
    {
        $record = new MarcRecord(Records::LEADER, [DataField::of('245', '10', 'a', '潮 & Tides Ωmega 𝄞')]);
        $writer = new MarcXmlWriter();
        $xml = str_replace('UTF-8', 'UTF-16', $writer->head().str_repeat($writer->write($record), 3).$writer->foot());
        self::assertSame(3, $this->takeIn($mark.mb_convert_encoding($xml, $encoding), ['--match' => 'none'])['added']);
        self::assertSame(1, $this->takeIn($mark.mb_convert_encoding('['.(new JsonWriter())->write($record).']', $encoding), ['--match' => 'none'])['added']);
        self::assertSame(array_fill(0, 4, '潮 & Tides Ωmega 𝄞'), $this->connection()->fetchFirstColumn('SELECT title FROM record'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function otherFiles(): iterable
    {
        yield 'a PDF' => ['%PDF-1.7 ...', 'a PDF document'];
        yield 'a word processor document' => ['{\rtf1 Hello}', 'RTF'];
        yield 'a zip' => ["PK\x03\x04....", 'zip archive'];
        yield 'a web page' => ['<!DOCTYPE html><html></html>', 'a web page'];
        yield 'an empty file' => ["  \n", 'is empty'];
        yield 'references' => ["TY  - BOOK\r\nTI  - Tides\r\nER  - \r\n", 'a list of references (RIS)'];
        yield 'other references' => ["@book{tides,\n title={Tides}}", 'a list of references (BibTeX)'];
        yield 'an order message' => ["UNA:+.? 'UNB+UNOC:3+1+2", 'an EDIFACT message'];
        yield 'headings alone' => ["title;author\n", 'headings and no row'];
        yield 'a web page in UTF-16' => ["\xFF\xFE".mb_convert_encoding('<!DOCTYPE html><html></html>', 'UTF-16LE'), 'a web page'];
        yield 'plain text' => ["Dear colleagues,\nhere they are", 'begins neither like'];
        yield 'a list without a title' => ["barcode,price\n1,x", 'No column of'];
    }

    #[DataProvider('otherFiles')]
    public function testAFileThatIsSomethingElseIsNamed(string $content, string $sentence): void
    {
        $report = $this->takeIn($content, expect: 2);
        self::assertStringContainsString($sentence, $this->text($report['error']));
        self::assertSame(0, $this->rows('record'));
    }

    public function testRebuildingChangesNothingThatCanBeSeen(): void
    {
        $this->takeIn($this->iso(Records::tides()));
        $keys = [$this->rows('match_key'), $this->rows('record_heading')];
        self::assertGreaterThan(1, min($keys));
        $this->connection()->executeStatement('DELETE FROM match_key');
        $this->connection()->executeStatement('DELETE FROM record_heading');
        $before = [$this->connection()->fetchAllAssociative('SELECT * FROM search_document'), $this->connection()->fetchAllAssociative('SELECT * FROM record')];
        $this->connection()->executeStatement("UPDATE record SET title = 'wrong'");
        $this->connection()->executeStatement('DELETE FROM search_document');
        $this->console('catalogue:rebuild', ['--if-needed' => true]);
        self::assertSame($keys, [$this->rows('match_key'), $this->rows('record_heading')]);
        self::assertSame('', $this->console('catalogue:rebuild', ['--if-needed' => true]));
        self::assertSame($before, [$this->connection()->fetchAllAssociative('SELECT * FROM search_document'), $this->connection()->fetchAllAssociative('SELECT * FROM record')]);
    }
}
