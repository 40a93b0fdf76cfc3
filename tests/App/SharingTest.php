<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlReader;

/**
 * The own catalogue as other libraries see it: by SRU and by OAI-PMH, without a sign-in.
 */
#[Group('search')]
final class SharingTest extends AppTestCase
{
    use FilesOfRecords;

    private const TIDES = "LDR 00000nam a2200000 i 4500\n001 vi1\n008 260303s2019    xx            000 0 eng d\n020 ## \$a9783000000010\n100 1# \$aVenn, Mara\n245 10 \$aTides of Skellin\n650 #4 \$aTides";
    private const GULLS = "LDR 00000nam a2200000 i 4500\n001 vi2\n008 260303s2020    xx            000 0 eng d\n100 1# \$aOrrow, Tam\n245 10 \$aGulls & lamps of Skellin\n650 #4 \$aSeabirds";

    protected function setUp(): void
    {
        parent::setUp();
        $this->takeIn($this->iso(LineText::parse(self::TIDES), LineText::parse(self::GULLS)));
        $this->browser->getCookieJar()->clear();
    }

    public function testOthersGetNothingThatIsForTheHouseAlone(): void
    {
        $this->signIn('administrator');
        $tides = LineText::parse(self::TIDES."\n852 1# \$bLAN\$cADULT\$h551.46\$p300000001\$xnear the damp wall\n876 ## \$p300000001\$c12.50\$xfrail\$zAsk at the desk\$eBrindle\n976 ## \$p300000001\$mBook\$fFriends");
        $this->takeIn($this->iso($tides), ['--on-match' => 'items']);
        $this->send('POST', '/api/records/'.$this->aRecord('Lamps of Skellin').'/items', ['staffNote' => 'new and frail', 'price' => '9.00', 'publicNote' => 'On the table'] + $this->itemForm('300000002'), 200);
        $ours = $this->export(ExportFormat::MarcXml, true);
        $this->browser->getCookieJar()->clear();
        $this->browser->request('GET', '/oai?verb=ListRecords&metadataPrefix=marcxml');
        $others = (string) $this->browser->getResponse()->getContent();
        $sru = (string) $this->sru(['operation' => 'searchRetrieve', 'version' => '1.2', 'query' => 'skellin', 'recordSchema' => 'marcxml'])->document->saveXML();
        foreach (['near the damp wall', 'frail', '12.50', '9.00', 'Brindle', 'Friends', 'new and frail'] as $private) {
            self::assertStringContainsString($private, $ours);
            self::assertStringNotContainsString($private, $others);
            self::assertStringNotContainsString($private, $sru);
        }
        foreach (['300000001', 'Ask at the desk', '300000002', 'On the table'] as $public) {
            self::assertStringContainsString($public, $others);
            self::assertStringContainsString($public, $sru);
        }
    }

    /** @return iterable<string, array{string, int}> */
    public static function queries(): iterable
    {
        yield 'words' => ['skellin', 2];
        yield 'a title' => ['dc.title = "tides skellin"', 1];
        yield 'a name' => ['dc.creator = venn', 1];
        yield 'an ISBN in any form' => ['bath.isbn = 978-3-00-000001-0', 1];
        yield 'a control number' => ['rec.identifier = vi2', 1];
        yield 'a year' => ['dc.date = 2020', 1];
        yield 'and' => ['dc.title = skellin and dc.subject = seabirds', 1];
        yield 'or' => ['dc.subject = tides or dc.subject = seabirds', 2];
        yield 'not' => ['skellin not gulls', 1];
        yield 'nested' => ['(dc.creator = venn or dc.creator = orrow) and (gulls or lamps)', 1];
        yield 'any' => ['dc.title any "tides gulls"', 2];
        yield 'all' => ['dc.title all "gulls lamps"', 1];
        yield 'a beginning' => ['dc.title = skell*', 2];
        yield 'from a year on' => ['dc.date >= 2020', 1];
        yield 'before a year' => ['bib.dateIssued < 2020', 1];
        yield 'years between' => ['dc.date within "1990 2019" and skellin', 1];
        yield 'years the wrong way round' => ['dc.date within "2019 1990"', 0];
        yield 'every record' => ['cql.allRecords = 1', 2];
        yield 'every record but some' => ['cql.allRecords = 1 and gulls', 1];
        yield 'names of any kind' => ['bib.nameCorporate = venn or bib.namePersonal = orrow', 2];
        yield 'nothing' => ['dc.title = knitting', 0];
    }

    #[DataProvider('queries')]
    public function testAQueryIsAnswered(string $query, int $hits): void
    {
        self::assertSame((string) $hits, $this->text($this->sru(['operation' => 'searchRetrieve', 'version' => '1.2', 'query' => $query])->evaluate('string(//*[local-name() = "numberOfRecords"])')));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function versions(): iterable
    {
        yield '1.1' => [['operation' => 'searchRetrieve', 'version' => '1.1'], 'http://www.loc.gov/zing/srw/'];
        yield '1.2' => [['operation' => 'searchRetrieve', 'version' => '1.2'], 'http://www.loc.gov/zing/srw/'];
        yield '2.0' => [[], 'http://docs.oasis-open.org/ns/search-ws/sruResponse'];
    }

    /** @param array<string, string> $parameters */
    #[DataProvider('versions')]
    public function testEachVersionAnswersInItsNamespaceWithRecordsThatCanBeRead(array $parameters, string $namespace): void
    {
        $answer = $this->sru($parameters + ['query' => 'dc.title = skellin', 'maximumRecords' => '1']);
        self::assertSame($namespace, $answer->document->documentElement?->namespaceURI);
        self::assertSame('2', $this->text($answer->evaluate('string(//*[local-name() = "nextRecordPosition"])')));
        $read = iterator_to_array((new MarcXmlReader())->read([(string) $this->browser->getResponse()->getContent()]), false);
        self::assertCount(1, array_filter($read, static fn (object $record): bool => $record instanceof MarcRecord && null !== $record->firstData('245')));
    }

    /** @return iterable<string, array{array<string, string>, list<string>}> */
    public static function orders(): iterable
    {
        yield 'by title' => [['query' => 'skellin sortBy dc.title'], ['Gulls & lamps of Skellin', 'Tides of Skellin']];
        yield 'by title, from the second on' => [['query' => 'skellin sortBy title', 'startRecord' => '2'], ['Tides of Skellin']];
        yield 'the newest first' => [['query' => 'skellin sortBy dc.date/sort.descending'], ['Gulls & lamps of Skellin', 'Tides of Skellin']];
        yield 'the newest first, the second' => [['query' => 'skellin sortBy dc.date/sort.descending', 'startRecord' => '2'], ['Tides of Skellin']];
        yield 'by a parameter' => [['query' => 'skellin', 'sortKeys' => 'title,,1'], ['Gulls & lamps of Skellin', 'Tides of Skellin']];
        yield 'everything, from the second on' => [['query' => 'cql.allRecords = 1 sortBy bib.title', 'startRecord' => '2'], ['Tides of Skellin']];
    }

    /**
     * @param array<string, string> $parameters
     * @param list<string>          $titles
     */
    #[DataProvider('orders')]
    public function testAResultIsSortedAsItIsAskedFor(array $parameters, array $titles): void
    {
        $answer = $this->sru($parameters + ['operation' => 'searchRetrieve', 'version' => '1.2', 'recordSchema' => 'dc']);
        $found = $answer->query('//*[local-name() = "title"]');
        self::assertInstanceOf(\DOMNodeList::class, $found);
        self::assertSame($titles, array_map(static fn (mixed $title): string => $title instanceof \DOMNode ? $title->textContent : '', iterator_to_array($found, false)));
    }

    public function testAQueryMayBeSentAsAForm(): void
    {
        $this->browser->request('POST', '/sru', ['operation' => 'searchRetrieve', 'version' => '1.2', 'query' => 'gulls']);
        self::assertStringContainsString('<numberOfRecords>1</numberOfRecords>', (string) $this->browser->getResponse()->getContent());
    }

    public function testDublinCoreAndEscapedRecordsAreGiven(): void
    {
        $answer = $this->sru(['operation' => 'searchRetrieve', 'version' => '1.2', 'query' => 'gulls', 'recordSchema' => 'dc']);
        self::assertSame('Gulls & lamps of Skellin', $this->text($answer->evaluate('string(//*[local-name() = "title"])')));
        $answer = $this->sru(['operation' => 'searchRetrieve', 'version' => '1.2', 'query' => 'gulls', 'recordPacking' => 'string']);
        self::assertStringContainsString('<subfield code="a">Gulls &amp; lamps', $this->text($answer->evaluate('string(//*[local-name() = "recordData"])')));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function faults(): iterable
    {
        yield 'an index that is not there' => [['query' => 'dc.mood = calm'], '16'];
        yield 'a relation that is not there' => [['query' => 'dc.title > tides'], '19'];
        yield 'no year' => [['query' => 'dc.date > lately'], '36'];
        yield 'a faulty query' => [['query' => '(a and'], '10'];
        yield 'prox' => [['query' => 'a prox b'], '37'];
        yield 'sorted by what cannot be sorted by' => [['query' => 'skellin sortBy dc.subject'], '88'];
        yield 'sorted the wrong way round' => [['query' => 'skellin sortBy dc.title/sort.descending'], '90'];
        yield 'sorted by too much' => [['query' => 'skellin', 'sortKeys' => 'title,,1 date,,0'], '84'];
        yield 'a schema that is not there' => [['query' => 'a', 'recordSchema' => 'semaphore'], '66'];
        yield 'a version that is not there' => [['query' => 'a', 'version' => '9.9'], '5'];
        yield 'an operation that is not there' => [['operation' => 'dance', 'version' => '1.2'], '4'];
        yield 'behind the end' => [['query' => 'skellin', 'startRecord' => '99'], '61'];
        yield 'no number' => [['query' => 'skellin', 'startRecord' => 'x'], '6'];
    }

    /** @param array<string, string> $parameters */
    #[DataProvider('faults')]
    public function testAFaultIsADiagnostic(array $parameters, string $number): void
    {
        self::assertSame('info:srw/diagnostic/1/'.$number, $this->text($this->sru($parameters)->evaluate('string(//*[local-name() = "uri"])')));
    }

    /** @return iterable<string, array{string}> */
    public static function bytesThatAreNoText(): iterable
    {
        foreach (['%00', '%FF', 'tides%00', '%EF%BF%BF', '%ED%A0%80', 'a%01%22%3C'] as $bytes) {
            foreach (['/sru?query=', '/sru?version=1.2&operation=', '/sru?query=x&recordSchema=', '/sru?query=x&version=', '/oai?verb=', '/oai?verb=GetRecord&metadataPrefix=oai_dc&identifier=', '/oai?verb=ListRecords&metadataPrefix=', '/oai?verb=ListRecords&metadataPrefix=oai_dc&from=', '/oai?verb=ListRecords&resumptionToken=', '/oai?verb=Identify&'] as $address) {
                yield $address.$bytes => [$address.$bytes];
            }
        }
    }

    #[DataProvider('bytesThatAreNoText')]
    public function testBytesThatAreNoTextAreAnsweredInWellFormedXml(string $address): void
    {
        $this->browser->request('GET', $address);
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());
        $answer = new \DOMDocument();
        self::assertTrue($answer->loadXML((string) $this->browser->getResponse()->getContent()));
        self::assertContains($answer->documentElement?->localName, ['OAI-PMH', 'searchRetrieveResponse']);
    }

    public function testExplainNamesTheIndexes(): void
    {
        self::assertGreaterThan(8, $this->sru([])->evaluate('count(//*[local-name() = "index"])'));
    }

    public function testTheCatalogueIsHarvestedPageByPageWithWhatWasRemoved(): void
    {
        $records = [];
        for ($number = 0; $number < 450; ++$number) {
            $records[] = LineText::parse("LDR 00000nam a2200000 i 4500\n245 10 \$aTides, part {$number}");
        }
        $this->itIs('2026-03-04 10:00');
        $report = $this->takeIn($this->iso(...$records));
        $this->itIs('2026-03-05 10:00');
        [$ids, $pages] = $this->harvest(['metadataPrefix' => 'marcxml']);
        self::assertSame([452, 3, 452], [\count($ids), $pages, \count(array_unique($ids))]);
        $this->console('catalogue:take-back', ['intake' => (string) self::number($report, 'intake')]);
        [$ids] = $this->harvest(['metadataPrefix' => 'oai_dc', 'from' => '2026-03-05']);
        self::assertCount(450, $ids);
        $removed = $this->oai(['verb' => 'GetRecord', 'metadataPrefix' => 'marcxml', 'identifier' => $ids[0]]);
        self::assertSame('deleted', $this->text($removed->evaluate('string(//*[local-name() = "header"]/@status)')));
    }

    /** @return iterable<string, array{\Closure(self, int): mixed, bool}> */
    public static function whatHappensToATitle(): iterable
    {
        yield 'a piece is added' => [static fn (self $test, int $record): mixed => $test->send('POST', "/api/records/{$record}/items", $test->itemForm('300000002'), 200), true];
        yield 'copies are added' => [static fn (self $test, int $record): mixed => $test->send('POST', "/api/records/{$record}/copies", ['barcodes' => ['300000003']] + array_diff_key($test->itemForm('x'), ['barcode' => '']), 200), true];
        yield 'a piece goes to another branch' => [static fn (self $test, int $record): mixed => $test->send('PUT', '/api/items/'.$test->itemOf($record), ['version' => 1, 'branch' => 'HOL'] + $test->itemForm('300000001'), 200), true];
        yield 'a piece is moved to another title' => [static fn (self $test, int $record): mixed => $test->send('POST', '/api/records/'.($record + 1).'/moved-items', ['id' => self::id(), 'items' => [$test->itemOf($record)]], 200), true];
        yield 'a file brings pieces alone' => [static fn (self $test, int $record): mixed => $test->takeIn($test->iso(LineText::parse(self::TIDES."\n852 1# \$bLAN\$h551.46\$p300000004")), ['--on-match' => 'items']), true];
        yield 'it is edited' => [static fn (self $test, int $record): mixed => $test->send('PUT', "/api/records/{$record}", ['id' => self::id(), 'version' => 1, 'text' => self::TIDES."\n500 ## \$aSigned"], 200), true];
        yield 'a piece is lent' => [static fn (self $test, int $record): mixed => $test->lend($test->aPatron(), '300000001'), false];
        yield 'everything is derived anew' => [static fn (self $test, int $record): mixed => $test->console('catalogue:rebuild', []), false];
    }

    /** @param \Closure(self, int): mixed $happens */
    #[DataProvider('whatHappensToATitle')]
    public function testAHarvesterLearnsOfEverythingThatItWouldGet(\Closure $happens, bool $isTold): void
    {
        $record = $this->connection()->fetchOne("SELECT id FROM record WHERE control_number = 'vi1'");
        self::assertIsInt($record);
        $this->signIn('administrator');
        $this->send('POST', "/api/records/{$record}/items", $this->itemForm('300000001'), 200);
        $before = $this->changedSince('2026-01-01');
        $this->itIs('2026-03-05 10:00');
        $this->signIn('administrator');
        $happens($this, $record);
        $told = $this->changedSince('2026-03-05');
        self::assertSame($isTold, \in_array($record, $told, true));
        self::assertContains($record, $before);
        self::assertSame([], array_diff($told, [$record, $record + 1]), 'nothing else has changed');
    }

    private function itemOf(int $record): int
    {
        $item = $this->connection()->fetchOne('SELECT id FROM item WHERE record_id = ?', [$record]);
        self::assertIsInt($item);

        return $item;
    }

    /** @return list<int> the titles that a harvester is told of */
    private function changedSince(string $day): array
    {
        $found = $this->oai(['verb' => 'ListIdentifiers', 'metadataPrefix' => 'marcxml', 'from' => $day])->query('//*[local-name() = "identifier"]');
        self::assertInstanceOf(\DOMNodeList::class, $found);

        return array_map(static fn (mixed $identifier): int => $identifier instanceof \DOMNode ? (int) substr((string) strrchr($identifier->textContent, ':'), 1) : 0, iterator_to_array($found, false));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function oaiFaults(): iterable
    {
        yield 'no verb' => [[], 'badVerb'];
        yield 'a verb that is not there' => [['verb' => 'Dance'], 'badVerb'];
        yield 'no format' => [['verb' => 'ListRecords'], 'badArgument'];
        yield 'a format that is not there' => [['verb' => 'ListRecords', 'metadataPrefix' => 'semaphore'], 'cannotDisseminateFormat'];
        yield 'an argument that is not there' => [['verb' => 'Identify', 'mood' => 'calm'], 'badArgument'];
        yield 'a token of somebody else' => [['verb' => 'ListRecords', 'resumptionToken' => 'xyz'], 'badResumptionToken'];
        yield 'no such record' => [['verb' => 'GetRecord', 'metadataPrefix' => 'oai_dc', 'identifier' => 'oai:vesper-isles.example:999999'], 'idDoesNotExist'];
        yield 'nothing in that time' => [['verb' => 'ListRecords', 'metadataPrefix' => 'oai_dc', 'from' => '2030-01-01'], 'noRecordsMatch'];
        yield 'no moment' => [['verb' => 'ListRecords', 'metadataPrefix' => 'oai_dc', 'from' => 'yesterday'], 'badArgument'];
        yield 'sets' => [['verb' => 'ListSets'], 'noSetHierarchy'];
    }

    /** @param array<string, string> $parameters */
    #[DataProvider('oaiFaults')]
    public function testAHarvesterIsToldItsFault(array $parameters, string $code): void
    {
        self::assertSame($code, $this->text($this->oai($parameters)->evaluate('string(//*[local-name() = "error"]/@code)')));
    }

    public function testIdentifyAndFormats(): void
    {
        self::assertSame(['persistent', 'YYYY-MM-DDThh:mm:ssZ'], [$this->text($this->oai(['verb' => 'Identify'])->evaluate('string(//*[local-name() = "deletedRecord"])')), $this->text($this->oai(['verb' => 'Identify'])->evaluate('string(//*[local-name() = "granularity"])'))]);
        self::assertSame(2.0, $this->oai(['verb' => 'ListMetadataFormats'])->evaluate('count(//*[local-name() = "metadataFormat"])'));
    }

    /**
     * @param array<string, string> $parameters
     *
     * @return array{list<string>, int} identifiers, and on how many pages they came
     */
    private function harvest(array $parameters): array
    {
        $ids = [];
        $pages = 0;
        $answer = $this->oai(['verb' => 'ListRecords'] + $parameters);
        do {
            ++$pages;
            $nodes = $answer->query('//*[local-name() = "header"]/*[local-name() = "identifier"]');
            foreach (false === $nodes ? [] : $nodes as $node) {
                self::assertInstanceOf(\DOMElement::class, $node);
                $ids[] = $node->textContent;
            }
            $token = $this->text($answer->evaluate('string(//*[local-name() = "resumptionToken"])'));
            $answer = '' === $token ? $answer : $this->oai(['verb' => 'ListRecords', 'resumptionToken' => $token]);
        } while ('' !== $token);

        return [$ids, $pages];
    }

    /** @param array<string, string> $parameters */
    private function sru(array $parameters): \DOMXPath
    {
        return $this->xml('/sru', $parameters);
    }

    /** @param array<string, string> $parameters */
    private function oai(array $parameters): \DOMXPath
    {
        return $this->xml('/oai', $parameters);
    }

    /** @param array<string, string> $parameters */
    private function xml(string $path, array $parameters): \DOMXPath
    {
        $this->browser->request('GET', $path, $parameters);
        self::assertSame(200, $this->browser->getResponse()->getStatusCode());
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML((string) $this->browser->getResponse()->getContent()));

        return new \DOMXPath($document);
    }
}
