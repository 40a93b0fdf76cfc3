<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Spreadsheets as people send them.
 */
final class SheetsTest extends AppTestCase
{
    use FilesOfRecords;

    private const ROWS = "Title,Author,Year,Barcode,Price\n\"Tides, and \"\"more\"\"\",Vénn,2019,300000001,12.50\nKnitting,,2020,300000002,\n";

    /** @return iterable<string, array{string}> */
    public static function sheets(): iterable
    {
        yield 'CSV with commas' => [self::ROWS];
        yield 'CSV with semicolons and a BOM' => ["\u{FEFF}Title;Author;Year;Barcode;Price\r\n\"Tides, and \"\"more\"\"\";Vénn;2019;300000001;12.50\r\nKnitting;;2020;300000002;\r\n"];
        yield 'tabs in Windows-1252' => [(string) mb_convert_encoding("Title\tAuthor\tYear\tBarcode\tPrice\n\"Tides, and \"\"more\"\"\"\tVénn\t2019\t300000001\t12.50\nKnitting\t\t2020\t300000002\t\n", 'WINDOWS-1252', 'UTF-8')];
        yield 'UTF-16' => ["\xFF\xFE".mb_convert_encoding(self::ROWS, 'UTF-16LE', 'UTF-8')];
        yield 'a workbook' => [self::zip([
            'xl/sharedStrings.xml' => '<sst xmlns="x"><si><t>Title</t></si><si><t>Author</t></si><si><r><t>Tides, and </t></r><r><t>"more"</t></r></si><si><t>Vénn</t></si></sst>',
            'xl/worksheets/sheet1.xml' => '<worksheet xmlns="x"><sheetData><row><c r="A1" t="s"><v>0</v></c><c r="B1" t="s"><v>1</v></c><c r="C1" t="inlineStr"><is><t>Year</t></is></c><c r="D1" t="str"><v>Barcode</v></c><c r="E1" t="str"><v>Price</v></c></row>'
                .'<row><c r="A2" t="s"><v>2</v></c><c r="B2" t="s"><v>3</v></c><c r="C2"><v>2019</v></c><c r="D2"><v>3.00000001E+8</v></c><c r="E2"><v>12.5</v></c></row><row><c r="A3" t="str"><v>Knitting</v></c><c r="C3"><v>2020</v></c><c r="D3"><v>300000002</v></c></row></sheetData></worksheet>',
        ])];
        $cell = static fn (string $text): string => "<table:table-cell><text:p>{$text}</text:p></table:table-cell>";
        yield 'an OpenDocument spreadsheet' => [self::zip([
            'mimetype' => 'application/vnd.oasis.opendocument.spreadsheet',
            'content.xml' => '<o:d xmlns:o="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="t"><table:table>'
                .'<table:table-row>'.implode('', array_map($cell, ['Title', 'Author', 'Year', 'Barcode', 'Price'])).'<table:table-cell table:number-columns-repeated="16000"/></table:table-row>'
                .'<table:table-row>'.implode('', array_map($cell, ['Tides, and "more"', 'Vénn', '2019', '300000001'])).'<table:table-cell o:value-type="float" o:value="12.5"><text:p>12,50</text:p></table:table-cell></table:table-row>'
                .'<table:table-row>'.$cell('Knitting').'<table:table-cell/>'.$cell('2020').$cell('300000002').'</table:table-row><table:table-row table:number-rows-repeated="1000000"><table:table-cell/></table:table-row></table:table></o:d>',
        ])];
    }

    #[DataProvider('sheets')]
    public function testASpreadsheetIsTakenInByItsHeadings(string $bytes): void
    {
        $report = $this->takeIn($bytes);
        self::assertSame([2, 2, 2], [$report['read'], $report['added'], $report['items']]);
        self::assertSame([['Tides, and "more"', 'Vénn', 2019], ['Knitting', '', 2020]], $this->connection()->fetchAllNumeric('SELECT title, author, year FROM record ORDER BY id'));
        self::assertSame([['300000001', 1250], ['300000002', null]], $this->connection()->fetchAllNumeric('SELECT barcode, price_minor FROM item ORDER BY id'));
    }

    public function testColumnsCanBeNamed(): void
    {
        $report = $this->takeIn("Werk;Code\nTides;300000001\n", ['--columns' => 'Werk=245$a,Code=item:barcode']);
        self::assertSame([1, 1], [$report['added'], $report['items']]);
    }

    public function testAListOfEquipmentHasSerialNumbersAndPieces(): void
    {
        $this->takeIn("Title;Barcode;Serial number;Pieces;What the pieces are;Paid from;Material\nConcertina;GEAR0007;VI-2209;2;instrument and case;Friends of the Tern;Instrument\nTelescope;GEAR0008;;many;;;\n");
        self::assertSame(
            [['GEAR0007', 'VI-2209', 2, 'instrument and case', 'Friends of the Tern', 'Instrument'], ['GEAR0008', '', 1, '', '', '']],
            $this->connection()->fetchAllNumeric('SELECT barcode, serial_number, pieces, pieces_note, fund, material FROM item ORDER BY id'),
        );
    }

    public function testTheFirstSheetOfAWorkbookIsReadWhereverItStandsAndItsDaysAreDays(): void
    {
        $relations = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $this->takeIn(self::zip([
            'xl/workbook.xml' => '<workbook xmlns="x" xmlns:r="'.$relations.'"><workbookPr date1904="1"/><sheets><sheet name="New" sheetId="3" r:id="rId7"/><sheet name="Old" sheetId="1" r:id="rId1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => '<Relationships xmlns="y"><Relationship Id="rId1" Target="worksheets/sheet1.xml"/><Relationship Id="rId7" Target="/xl/worksheets/sheet3.xml"/></Relationships>',
            'xl/styles.xml' => '<styleSheet xmlns="x"><cellXfs><xf numFmtId="0"/><xf numFmtId="14"/></cellXfs></styleSheet>',
            'xl/worksheets/sheet1.xml' => '<worksheet xmlns="x"><sheetData><row><c r="A1" t="str"><v>Title</v></c></row><row><c r="A2" t="str"><v>The old list</v></c></row></sheetData></worksheet>',
            'xl/worksheets/sheet3.xml' => '<worksheet xmlns="x"><sheetData><row><c r="A1" t="str"><v>Title</v></c><c r="B1" t="str"><v>Barcode</v></c><c r="C1" t="str"><v>Date acquired</v></c></row>'
                .'<row><c r="A2" t="str"><v>The new list</v></c><c r="B2" t="str"><v>300000001</v></c><c r="C2" s="1"><v>44621</v></c></row></sheetData></worksheet>',
        ]));
        self::assertSame(['The new list'], $this->connection()->fetchFirstColumn('SELECT title FROM record'));
        self::assertSame('2026-03-02', $this->connection()->fetchOne('SELECT acquired_on FROM item'));
    }

    /** @return iterable<string, array{string, non-empty-string}> */
    public static function otherFiles(): iterable
    {
        yield 'a word processor document' => [self::zip(['word/document.xml' => '<w/>']), ' is a word processor document, not a file of records.'];
        yield 'rich text' => ['{\rtf1 Tides}', ' is a word processor document (RTF), not a file of records.'];
        yield 'a zip archive' => [self::zip(['tides.mrc' => 'x']), ' is a zip archive, not a file of records. Unpack it first.'];
        yield 'a gzip archive' => [(string) gzencode('x'), ' is a gzip archive, not a file of records. Unpack it first.'];
        yield 'an old workbook' => ["\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1", ' is an old office document, not a file of records. Save it as XLSX, ODS or CSV.'];
        yield 'a web page' => ['<!DOCTYPE html><html></html>', ' is a web page, not a file of records.'];
        yield 'a web page that is XML' => ['<?xml version="1.0"?><!-- home --><html xmlns="http://www.w3.org/1999/xhtml"/>', ' is a web page, not a file of records.'];
        yield 'a PDF document' => ['%PDF-1.7', ' is a PDF document, not a file of records.'];
        yield 'XML without records' => ['<?xml version="1.0"?><rss><channel/></rss>', ' is XML, but no record stands in it.'];
        yield 'an empty collection' => ['<collection xmlns="http://www.loc.gov/MARC21/slim"/>', ' is XML, but no record stands in it.'];
        yield 'JSON without records' => ['{"tides": 2}', ' is JSON, but no record stands in it.'];
        yield 'nothing' => ['', ' is empty.'];
        yield 'blanks' => [" \n\n", ' is empty.'];
        yield 'prose' => ['The tide was out.', ' begins neither like ISO 2709 (five digits), MARCXML (<) or JSON ({), nor like a list with columns.'];
    }

    /** @param non-empty-string $sentence */
    #[DataProvider('otherFiles')]
    public function testAFileThatIsSomethingElseIsNamedForWhatItIs(string $bytes, string $sentence): void
    {
        self::assertStringEndsWith($sentence, $this->text($this->takeIn($bytes, expect: 2)['error']));
        self::assertSame(0, $this->rows('intake'));
    }

    /** @param array<string, string> $entries */
    private static function zip(array $entries): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        foreach ($entries as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }
}
