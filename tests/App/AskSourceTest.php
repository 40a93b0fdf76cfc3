<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;
use TinLantern\Catalogue\Editing\Duplicates;
use TinLantern\Catalogue\Sources\AskSource;
use TinLantern\Catalogue\Sources\SourceFailed;
use TinLantern\Catalogue\Sources\SourceHitsView;
use TinLantern\Catalogue\Sources\Sources;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Sru\SruResponse;
use TinLantern\Core\Sru\SruVersion;
use TinLantern\Platform\Problem\Invalid;

/**
 * An outside catalogue as it may answer: whole pages, half a record, something else, nothing.
 */
final class AskSourceTest extends AppTestCase
{
    private const TIDES = "LDR 00000nam a2200000 i 4500\n001 far1\n020 ## \$a9783000000010\n100 1# \$aVenn, Mara\n245 10 \$aTides of Skellin\n250 ## \$aSecond edition";
    private const GULLS = "LDR 00000nam a2200000 i 4500\n001 far2\n245 10 \$aKnitting for gulls";

    /** @var list<string> the addresses that were asked */
    private array $asked = [];

    /** @return iterable<string, array{string, string, string, array<string, string>}> */
    public static function questions(): iterable
    {
        yield 'by ISBN, in version 1.2' => ['1.2', 'isbn', '978-3-00-000001-0', ['operation' => 'searchRetrieve', 'version' => '1.2', 'query' => 'bath.isbn = "978-3-00-000001-0"', 'startRecord' => '1', 'maximumRecords' => '20', 'recordSchema' => 'marcxml']];
        yield 'by title, in version 2.0 without an operation' => ['2.0', 'title', ' tides of skellin ', ['version' => '2.0', 'query' => 'dc.title = "tides of skellin"', 'startRecord' => '1', 'maximumRecords' => '20', 'recordSchema' => 'marcxml']];
        yield 'quotation marks are part of the words' => ['1.1', 'author', 'venn "the tide" \\', ['operation' => 'searchRetrieve', 'version' => '1.1', 'query' => 'cql.serverChoice = "venn \"the tide\" \\\\"', 'startRecord' => '1', 'maximumRecords' => '20', 'recordSchema' => 'marcxml']];
    }

    /** @param array<string, string> $parameters */
    #[DataProvider('questions')]
    public function testTheQuestionIsWrittenAsTheSourceUnderstandsIt(string $version, string $by, string $typed, array $parameters): void
    {
        $this->aSource($version);
        $this->ask(self::answer(0, []), $by, $typed);
        parse_str((string) parse_url($this->asked[0], \PHP_URL_QUERY), $sent);
        self::assertSame($parameters, $sent);
    }

    public function testHitsComeWithWhatWeHaveOfThem(): void
    {
        $own = self::number($this->send('POST', '/api/records', ['id' => self::id(), 'text' => self::TIDES], 200), 'id');
        $this->aSource();
        $hits = $this->ask(self::answer(2, [self::TIDES, self::GULLS]));
        self::assertSame([2, 0, null], [$hits->total, $hits->unreadable, $hits->after]);
        self::assertSame(['Tides of Skellin', 'Venn, Mara', 'Second edition', 'book', $own], [$hits->hits[0]->title, $hits->hits[0]->author, $hits->hits[0]->edition, $hits->hits[0]->format, $hits->hits[0]->own]);
        self::assertNull($hits->hits[1]->own);
        self::assertStringContainsString('001 far2', $hits->hits[1]->text);
    }

    public function testALongListIsFetchedPageByPage(): void
    {
        $this->aSource();
        $first = $this->ask(self::answer(3, [self::TIDES, self::GULLS]));
        self::assertSame(2, $first->after);
        $second = $this->ask(self::answer(3, [self::GULLS], 3), after: 2);
        self::assertNull($second->after);
        self::assertStringContainsString('startRecord=3', $this->asked[1]);
        // A source that counts more than it gives out has come to its end.
        self::assertNull($this->ask(self::answer(9, [], 4), after: 3)->after);
    }

    public function testARecordThatCannotBeReadHidesNoOther(): void
    {
        $this->aSource();
        $hits = $this->ask(str_replace('<leader>', '<leader>short', self::answer(2, [self::GULLS])));
        self::assertSame([1, []], [$hits->unreadable, $hits->hits]);
    }

    /** @return iterable<string, array{MockResponse|string, string}> */
    public static function failures(): iterable
    {
        yield 'an error' => [new MockResponse('<html>no</html>', ['http_code' => 503]), 'Farrow answers with an error (503). Try it again in a while.'];
        yield 'a page for people' => ['<html><body>Welcome</body></html>', 'Farrow answers with something that is no SRU response.'];
        yield 'half an answer' => ['<searchRetrieveResponse><records>', 'Farrow answers with something that is no SRU response.'];
        yield 'nothing' => ['', 'Farrow answers with something that is no SRU response.'];
        yield 'nobody at home' => [new MockResponse('', ['error' => 'Connection refused']), 'Farrow cannot be reached.'];
        yield 'a sentence of its own' => [
            '<searchRetrieveResponse><numberOfRecords>0</numberOfRecords><diagnostics><diagnostic><message>Unsupported index</message></diagnostic></diagnostics></searchRetrieveResponse>',
            'Farrow could not do that: Unsupported index',
        ];
    }

    #[DataProvider('failures')]
    public function testWhatWentWrongIsSaidInOneSentence(MockResponse|string $answer, string $sentence): void
    {
        $this->aSource();
        $this->expectException(SourceFailed::class);
        $this->expectExceptionMessage($sentence);
        $this->ask($answer);
    }

    public function testNothingIsAskedWithoutWordsOrByAnUnknownField(): void
    {
        $this->aSource();
        foreach ([['title', ' '], ['colour', 'blue']] as [$by, $typed]) {
            try {
                $this->ask(self::answer(0, []), $by, $typed);
                self::fail("{$by} {$typed} was asked for.");
            } catch (Invalid $invalid) {
                self::assertSame('q', $invalid->violations[0]->field);
            }
        }
        self::assertSame([], $this->asked);
    }

    private function aSource(string $version = '1.2'): void
    {
        $this->send('PUT', '/api/rule-book/source/farrow', ['id' => self::id(), 'name' => 'Farrow', 'content' => ['url' => 'http://farrow.example/sru', 'version' => $version, 'timeLimit' => 2, 'indexes' => ['isbn' => 'bath.isbn', 'title' => 'dc.title']]], 200);
    }

    private function ask(MockResponse|string $answer, string $by = 'title', string $typed = 'tides', int $after = 0): SourceHitsView
    {
        $http = new MockHttpClient(function (string $method, string $url) use ($answer): MockResponse {
            self::assertSame('GET', $method);
            $this->asked[] = $url;

            return \is_string($answer) ? new MockResponse($answer) : $answer;
        });

        return (new AskSource(self::service(Sources::class), $http, self::service(Duplicates::class)))('farrow', $by, $typed, $after);
    }

    /** @param list<string> $records */
    private static function answer(int $total, array $records, int $start = 1): string
    {
        $written = [];
        foreach ($records as $index => $text) {
            $written[$start + $index] = str_replace('<record>', '<record xmlns="http://www.loc.gov/MARC21/slim">', (new MarcXmlWriter())->write(LineText::parse($text)));
        }

        return SruResponse::records(SruVersion::V12, $total, true, $written, 'marcxml', null, false);
    }
}
