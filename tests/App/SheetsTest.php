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

    public function testAWordProcessorFileIsNamed(): void
    {
        self::assertStringContainsString('a word processor document', $this->text($this->takeIn(self::zip(['word/document.xml' => '<w/>']), expect: 2)['error']));
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
