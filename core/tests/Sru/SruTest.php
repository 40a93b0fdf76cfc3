<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Sru;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Cql\CqlProblem;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Sru\NoSruAnswer;
use TinLantern\Core\Sru\SruAnswer;
use TinLantern\Core\Sru\SruResponse;
use TinLantern\Core\Sru\SruVersion;

final class SruTest extends TestCase
{
    private const TIDES = "LDR 00000nam a2200000 i 4500\n001 vi1\n245 10 \$aTides & <lamps>\$b\u{c9}tude";
    private const GULLS = "LDR 00000nam a2200000 i 4500\n001 vi2\n245 10 \$aGulls";

    /** @return iterable<string, array{SruVersion, bool}> */
    public static function ways(): iterable
    {
        foreach (SruVersion::cases() as $version) {
            yield $version->value.', records as XML' => [$version, false];
            yield $version->value.', records as text' => [$version, true];
        }
    }

    #[DataProvider('ways')]
    public function testWhatTheServerWritesTheClientReads(SruVersion $version, bool $isEscaped): void
    {
        $xml = SruResponse::records($version, 17, true, [3 => self::marcXml(self::TIDES), 4 => self::marcXml(self::GULLS)], 'marcxml', 5, $isEscaped);
        $answer = SruAnswer::read($xml);
        self::assertSame([17, 0, null], [$answer->total, $answer->unreadable, $answer->diagnostic]);
        self::assertSame([self::TIDES, self::GULLS], array_map(LineText::write(...), $answer->records));
        $document = self::document($xml);
        self::assertSame($version->namespace(), $document->documentElement?->namespaceURI);
        self::assertSame(['3', '4'], self::texts($document, 'recordPosition'));
        self::assertSame(['5'], self::texts($document, 'nextRecordPosition'));
        self::assertSame($isEscaped ? ['string', 'string'] : ['xml', 'xml'], self::texts($document, SruVersion::V20 === $version ? 'recordXMLEscaping' : 'recordPacking'));
    }

    /** @return iterable<string, array{bool, string}> */
    public static function precisions(): iterable
    {
        yield 'all are counted' => [true, 'info:srw/vocabulary/resultCountPrecision/1/exact'];
        yield 'there are more than were counted' => [false, 'info:srw/vocabulary/resultCountPrecision/1/minimum'];
    }

    #[DataProvider('precisions')]
    public function testHowExactTheNumberIsIsSaidInTheVersionThatHasAPlaceForIt(bool $isExact, string $precision): void
    {
        self::assertSame([$precision], self::texts(self::document(SruResponse::records(SruVersion::V20, 20_000, $isExact, [], 'marcxml', null, false)), 'resultCountPrecision'));
        self::assertSame([], self::texts(self::document(SruResponse::records(SruVersion::V12, 20_000, $isExact, [], 'marcxml', null, false)), 'resultCountPrecision'));
    }

    #[DataProvider('ways')]
    public function testAProblemIsADiagnosticThatTheClientTells(SruVersion $version, bool $isEscaped): void
    {
        $xml = SruResponse::problem($version, new CqlProblem(16, 'Unsupported index', 'dc.mood<"'.($isEscaped ? "\x01" : '')));
        $answer = SruAnswer::read($xml);
        self::assertSame([0, []], [$answer->total, $answer->records]);
        self::assertStringContainsString('Unsupported index', (string) $answer->diagnostic);
        self::assertSame(['info:srw/diagnostic/1/16'], self::texts(self::document($xml), 'uri'));
    }

    public function testExplainNamesItsIndexesUnderTheirSets(): void
    {
        $document = self::document(SruResponse::explain(SruVersion::V11, 'lantern.example', 8080, 'sru', 'Tin & Lantern', ['dc.title' => 'Title', 'bib.titleSeries' => 'Series <all>']));
        $names = [];
        foreach ($document->getElementsByTagNameNS('*', 'name') as $name) {
            $names[] = $name->getAttribute('set').'.'.$name->textContent;
        }
        self::assertSame(['dc.title', 'bib.titleSeries'], $names);
        self::assertContains('lantern.example', self::texts($document, 'host'));
    }

    /** @return iterable<string, array{string, int, list<string>, int}> an answer of somebody else; how many there are, the titles, how many cannot be read */
    public static function foreignAnswers(): iterable
    {
        $record = '<record xmlns="http://www.loc.gov/MARC21/slim"><leader>00000nam a2200000 i 4500</leader><datafield tag="245" ind1="1" ind2="0"><subfield code="a">Tides</subfield></datafield></record>';
        $around = static fn (string $records, string $number = '<s:numberOfRecords>9</s:numberOfRecords>'): string => '<?xml version="1.0"?><s:searchRetrieveResponse xmlns:s="http://www.loc.gov/zing/srw/">'.$number.'<s:records>'.$records.'</s:records></s:searchRetrieveResponse>';
        $data = static fn (string $inside): string => '<s:record><s:recordData>'.$inside.'</s:recordData></s:record>';
        yield 'with prefixes of its own' => [$around($data($record)), 9, ['Tides'], 0];
        yield 'MARC with a prefix that is declared far out' => [str_replace('xmlns:s=', 'xmlns:m="http://www.loc.gov/MARC21/slim" xmlns:s=', $around($data(preg_replace(['/<(\/?)(record|leader|datafield|subfield)/', '/ xmlns="[^"]*"/'], ['<$1m:$2', ''], $record) ?? ''))), 9, ['Tides'], 0];
        yield 'packed as text, with a declaration' => [$around($data(htmlspecialchars('<?xml version="1.0" encoding="UTF-8"?>'.$record, \ENT_XML1))), 9, ['Tides'], 0];
        yield 'letters and marks apart are composed' => [$around($data(str_replace('Tides', "E\u{301}tude", $record))), 9, ["\u{c9}tude"], 0];
        yield 'a record that is none' => [$around($data(str_replace('tag="245"', 'tag="24"', $record)).$data($record)), 9, ['Tides'], 1];
        yield 'no number: those that came' => [$around($data($record).$data($record), ''), 2, ['Tides', 'Tides'], 0];
        yield 'a number that is none' => [$around($data($record), '<s:numberOfRecords>many</s:numberOfRecords>'), 1, ['Tides'], 0];
        yield 'nothing found' => [$around('', '<s:numberOfRecords>0</s:numberOfRecords>'), 0, [], 0];
        yield 'Dublin Core, which is no MARC' => [$around($data('<dc xmlns="info:srw/schema/1/dc-v1.1"><title>Tides</title></dc>')), 9, [], 0];
    }

    /** @param list<string> $titles */
    #[DataProvider('foreignAnswers')]
    public function testAnswersOfOtherServersAreRead(string $xml, int $total, array $titles, int $unreadable): void
    {
        $answer = SruAnswer::read($xml);
        self::assertSame([$total, $titles, $unreadable], [$answer->total, array_map(static fn (MarcRecord $record): string => (string) $record->firstData('245')?->first('a'), $answer->records), $answer->unreadable]);
    }

    /** @return iterable<string, array{string}> */
    public static function noAnswers(): iterable
    {
        yield 'nothing' => [''];
        yield 'a web page' => ['<!DOCTYPE html><html><body>Down for repair</body></html>'];
        yield 'half an answer' => ['<?xml version="1.0"?><searchRetrieveResponse xmlns="http://www.loc.gov/zing/srw/"><numberOfRecords>9'];
        yield 'an explain response' => ['<explainResponse xmlns="http://www.loc.gov/zing/srw/"><version>1.2</version></explainResponse>'];
    }

    #[DataProvider('noAnswers')]
    public function testWhatIsNoAnswerIsSaidToBeNone(string $xml): void
    {
        $this->expectExceptionObject(new NoSruAnswer('What came back is no SRU response.'));
        SruAnswer::read($xml);
    }

    private static function marcXml(string $lines): string
    {
        return preg_replace('/^<record>/', '<record xmlns="http://www.loc.gov/MARC21/slim">', (new MarcXmlWriter())->write(LineText::parse($lines))) ?? '';
    }

    private static function document(string $xml): \DOMDocument
    {
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($xml));

        return $document;
    }

    /** @return list<string> */
    private static function texts(\DOMDocument $document, string $name): array
    {
        $texts = [];
        foreach ($document->getElementsByTagNameNS('*', $name) as $element) {
            $texts[] = $element->textContent;
        }

        return $texts;
    }
}
