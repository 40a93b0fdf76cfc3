<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\Intake\IntakeDefaults;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Intake\RecordFile;
use TinLantern\Catalogue\Intake\TakeInFile;
use TinLantern\Catalogue\Search\SearchDocument;
use TinLantern\Catalogue\Search\SearchIndex;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Platform\Cli\ConsoleActor;

#[Group('search')]
final class SearchTest extends AppTestCase
{
    private static int $barcodes = 30000;

    protected function setUp(): void
    {
        parent::setUp();
        $this->takeIn(
            self::book('Tides of Skellin', 'Venn, Mara', 'Navigation', 2019, 'eng', 'LAN', '551.46 VEN', '9795000000426'),
            self::book("The keeper's book-boat", 'Møller, Edda', 'Tides', 2011, 'eng', 'HOL', '823.91 MOL'),
            self::book('Étude for two lanterns', 'Quill, Corin', 'Flute music', 1998, 'fre', 'LAN', 'M242 .Q4', leader: 'cm'),
            self::book('航海圖志', 'Tarn, Osric', 'Charts', 1987, 'chi', 'HOL', '912 TAR', leader: 'em'),
        );
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function searches(): iterable
    {
        yield 'all words' => ['q=skellin+tides', ['Tides of Skellin']];
        yield 'a word in any field' => ['q=tides&sort=title', ["The keeper's book-boat", 'Tides of Skellin']];
        yield 'a word in the title' => ['q=tides&in=title', ['Tides of Skellin']];
        yield 'a word among the subjects' => ['q=tides&in=subject', ["The keeper's book-boat"]];
        yield 'an author' => ['q=moller&in=author', ["The keeper's book-boat"]];
        yield 'an author is no title' => ['q=moller&in=title', []];
        yield 'an ISBN with hyphens' => ['q=979-5-0000-0042-6', ['Tides of Skellin']];
        yield 'an ISBN in its field' => ['q=9795000000426&in=isbn', ['Tides of Skellin']];
        yield 'a wrong ISBN' => ['q=9795000000425&in=isbn', []];
        yield 'no diacritics typed' => ['q=etude', ['Étude for two lanterns']];
        yield 'a hyphen left out' => ['q=bookboat', ["The keeper's book-boat"]];
        yield 'two characters' => ['q=%E6%B5%B7%E5%9C%96', ['航海圖志']];
        yield 'words of different titles' => ['q=skellin+lanterns', []];
        yield 'an engine\'s syntax is nothing special' => ['q=%2Btides+-skellin+%22*', ['Tides of Skellin']];
        yield 'words one after the other' => ['q=%22tides+of+skellin%22', ['Tides of Skellin']];
        yield 'words in another order' => ['q=%22skellin+tides%22', []];
        yield 'words one after the other, with curly marks' => ['q=%E2%80%9Ekeeper%27s+book%E2%80%9C', ["The keeper's book-boat"]];
        yield 'no phrase reaches from one field into the next' => ['q=%22skellin+venn%22', []];
        yield 'a phrase in the title' => ['q=%22for+two%22&in=title', ['Étude for two lanterns']];
        yield 'a phrase in the wrong field' => ['q=%22flute+music%22&in=title', []];
        yield 'a phrase and a word' => ['q=%22flute+music%22+lanterns', ['Étude for two lanterns']];
        yield 'the beginning of a word' => ['q=skell*', ['Tides of Skellin']];
        yield 'the beginning of a word, in a field' => ['q=lant*&in=title', ['Étude for two lanterns']];
        yield 'common words alone' => ['q=the', ["The keeper's book-boat"]];
        yield 'common words beside others' => ['q=with+skellin+the+from', ['Tides of Skellin']];
        yield 'one or the other' => ['q=skellin+OR+flute&sort=title', ['Étude for two lanterns', 'Tides of Skellin']];
        yield 'one without the other' => ['q=tides+NOT+skellin', ["The keeper's book-boat"]];
        yield 'parentheses' => ['q=(skellin+OR+keeper)+AND+subject%3Dtides', ["The keeper's book-boat"]];
        yield 'a phrase in a query' => ['q=title+adj+%22two+lanterns%22+AND+year%3D1998', ['Étude for two lanterns']];
        yield 'a wrong order in a query' => ['q=title+adj+%22lanterns+two%22+AND+year%3D1998', []];
        yield 'punctuation only' => ['q=***', []];
        yield 'everything' => ['q=&sort=newest', ['Tides of Skellin', "The keeper's book-boat", 'Étude for two lanterns', '航海圖志']];
        yield 'narrowed to a format' => ['q=&filter[format]=score', ['Étude for two lanterns']];
        yield 'narrowed to a branch and a language' => ['q=&filter[branch]=HOL&filter[language]=eng', ["The keeper's book-boat"]];
        yield 'narrowed to a decade' => ['q=&filter[decade]=2010&sort=newest', ['Tides of Skellin', "The keeper's book-boat"]];
        yield 'narrowed to a branch that is none' => ['q=&filter[branch]=MOON', []];
    }

    /** @param list<string> $titles */
    #[DataProvider('searches')]
    public function testTheseAreFound(string $query, array $titles): void
    {
        $found = $this->get('/api/records?'.$query);
        self::assertIsArray($found['records']);
        self::assertSame($titles, self::column($found['records'], 'title'));
        self::assertSame(\count($titles), $found['total']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function whatStandsFirst(): iterable
    {
        yield 'a word of the title' => ['gannets', 'Gannets'];
        yield 'a word that is typed in part' => ['gannet*', 'Gannets'];
        yield 'the name of the author' => ['wherry', 'Weather for beginners'];
        yield 'a word of the title beside one of the author' => ['gannets quill', 'Gannets'];
        yield 'one word or another' => ['gannets OR kelp', 'Gannets'];
        yield 'one word without another' => ['gannets NOT wherry', 'Gannets'];
        yield 'words one after the other' => ['"gannets fishing"', 'On gannets fishing'];
    }

    #[DataProvider('whatStandsFirst')]
    public function testTitlesAndAuthorsGoBeforeWhatOnlyMentionsThem(string $query, string $first): void
    {
        $this->takeIn(
            self::book('Notes from a cliff', 'Tern, Tobin', 'Gannets, gannets fishing', 2001, 'eng', 'LAN', '598.1 TER'),
            self::book('A cliff once more', 'Tern, Tobin', 'Gannets, Wherry, gannets fishing, Quill', 2002, 'eng', 'LAN', '598.2 TER'),
            self::book('Gannets', 'Quill, Corin', 'Seabirds', 2003, 'eng', 'LAN', '598.3 QUI'),
            self::book('On gannets fishing', 'Hale, Orla', 'Seabirds', 2003, 'eng', 'LAN', '598.3 HAL'),
            self::book('Weather for beginners', 'Wherry, Zephan', 'Weather', 2004, 'eng', 'LAN', '551.6 WHE'),
        );
        $found = $this->get('/api/records?q='.rawurlencode($query));
        self::assertSame($first, self::column((array) $found['records'], 'title')[0] ?? null);
        $pages = [];
        $after = '';
        do {
            $page = $this->get('/api/records?limit=1&q='.rawurlencode($query).$after);
            array_push($pages, ...self::column((array) $page['records'], 'title'));
            $after = '&after='.rawurlencode(\is_string($page['after']) ? $page['after'] : '');
        } while (null !== $page['after']);
        self::assertSame(self::column((array) $found['records'], 'title'), $pages, 'each is listed once, in the same order');
        self::assertSame($found['total'], \count($pages));
    }

    /** @return iterable<string, array{string, string|null}> */
    public static function slips(): iterable
    {
        yield 'a letter left out' => ['q=skelin', 'skellin'];
        yield 'one word of two' => ['q=tides+skelin', 'tides skellin'];
        yield 'both words, each once' => ['q=tidse+skelin', 'tides skellin'];
        yield 'in its field' => ['q=skelin&in=title', 'skellin'];
        yield 'a word of another field' => ['q=skelin&in=author', null];
        yield 'part of a hyphened word' => ['q=bok-boat', null];
        yield 'diacritics do not matter' => ['q=%C3%A9tudee', 'etude'];
        yield 'two slips in a word' => ['q=skxlxin', null];
        yield 'known words that no record has together' => ['q=skellin+lanterns', null];
        yield 'narrowed to where there is none' => ['q=skelin&filter[format]=score', null];
        yield 'something found' => ['q=skellin', null];
    }

    #[DataProvider('slips')]
    public function testWordsTypedWronglyOnceGiveWordsThatFindSomething(string $query, ?string $meant): void
    {
        self::assertSame($meant, $this->get('/api/records?'.$query)['didYouMean']);
    }

    public function testWhatIsNewIsAskedByTheDayItCame(): void
    {
        $this->itIs('2026-03-09 10:00');
        $this->signIn('administrator');
        $this->takeIn(self::book('Weather of Hollow Hill', 'Venn, Mara', 'Weather', 2026, 'eng', 'HOL', '551.6 VEN', barcode: 'W1'));
        self::assertSame(['Weather of Hollow Hill'], self::column((array) $this->get('/api/records?filter[added]=2026-03-09')['records'], 'title'));
        self::assertSame(5, $this->get('/api/records?filter[added]=2026-03-01')['total']);
        self::assertSame(0, $this->get('/api/records?filter[added]=2026-03-10')['total']);
    }

    public function testFacetsCountAllHits(): void
    {
        $facets = $this->get('/api/records?q=&limit=1')['facets'];
        self::assertIsArray($facets);
        $counts = [];
        foreach ($facets as $facet) {
            self::assertIsArray($facet);
            self::assertIsString($facet['name']);
            self::assertIsString($facet['value']);
            $counts[$facet['name'].':'.$facet['value']] = $facet['count'];
        }
        self::assertSame(2, $counts['format:book']);
        self::assertSame(2, $counts['branch:HOL']);
        self::assertSame(1, $counts['language:fre']);
        self::assertSame(2, $counts['decade:2010']);
    }

    public function testAvailabilityFollowsTheDesk(): void
    {
        $barcode = $this->connection()->fetchOne("SELECT barcode FROM item WHERE call_number = '551.46 VEN'");
        self::assertIsString($barcode);
        $this->lend($this->aPatron(), $barcode);
        self::assertSame(['in' => 0, 'items' => 1, 'callNumber' => '551.46 VEN'], self::at($this->get('/api/records?q=skellin'), 'records', 0, 'availability'));
    }

    public function testPagesFollowOneAnotherWithoutGapsInEveryOrder(): void
    {
        $more = [];
        for ($number = 1; $number <= 23; ++$number) {
            $more[] = self::book(str_repeat('lantern ', 1 + $number % 3).$number, 'Quill, Corin', 'Lamps', 1990 + $number % 4, 'eng', 'LAN', '749.'.$number, barcode: 'L'.$number);
        }
        $this->takeIn(...$more);
        foreach (['relevance', 'title', 'newest'] as $sort) {
            $ids = [];
            $after = '';
            do {
                $page = $this->get("/api/records?q=lantern&limit=5&sort={$sort}{$after}");
                array_push($ids, ...self::column((array) $page['records'], 'id'));
                $after = \is_string($page['after']) ? '&after='.rawurlencode($page['after']) : '';
            } while ('' !== $after);
            self::assertCount(23, $ids, $sort);
            self::assertCount(23, array_unique($ids, \SORT_REGULAR), $sort);
        }
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function files(): iterable
    {
        yield 'ISO 2709' => ['marc', 'application/marc', ["The keeper's book-boat", 'Tides of Skellin', '551.46']];
        yield 'MARCXML' => ['marcxml', 'application/marcxml+xml', ['Tides of Skellin</subfield>']];
        yield 'a table' => ['csv', 'text/csv; charset=UTF-8', ['number,title,author', ',Tides of Skellin,']];
        yield 'RIS' => ['ris', 'application/x-research-info-systems', ['TI  - Tides of Skellin']];
    }

    /** @param list<string> $parts */
    #[DataProvider('files')]
    public function testAllHitsAreSavedAsAFile(string $as, string $type, array $parts): void
    {
        $this->browser->request('GET', "/api/records/file/{$as}?q=tides&sort=title");
        $response = $this->browser->getInternalResponse();
        self::assertSame([200, $type], [$response->getStatusCode(), $response->getHeader('Content-Type')]);
        foreach ($parts as $part) {
            self::assertStringContainsString($part, $response->getContent());
        }
        self::assertStringNotContainsString('lanterns', $response->getContent());
    }

    public function testMoreHitsThanAPageHasComeIntoTheFile(): void
    {
        $this->takeIn(...array_map(static fn (int $n): MarcRecord => self::book("Gull {$n}", 'Quill, Corin', 'Birds', 2001, 'eng', 'LAN', '598.'.$n, barcode: 'G'.$n), range(1, 1203)));
        foreach (['relevance', 'title', 'newest'] as $sort) {
            $this->browser->request('GET', '/api/records/file/csv?q=gull&sort='.$sort);
            self::assertSame(1204, substr_count($this->browser->getInternalResponse()->getContent(), "\r\n"), $sort);
        }
    }

    public function testMoreHitsThanAListReachesAllComeIntoTheFile(): void
    {
        $many = SearchIndex::LISTED + 600;
        $this->connection()->executeStatement("INSERT INTO record (marc, title, title_key, author, edition, published, extent, language, format, control_number, created_at, changed_at, shared_at)
            SELECT '', 'Gulls', 'gulls', '', '', '', '', '', 'book', '', NOW(), NOW(), NOW() FROM seq_1_to_{$many}");
        $ids = $this->connection()->fetchFirstColumn("SELECT id FROM record WHERE title = 'Gulls'");
        $gulls = DescribedRecord::of(self::book('Gulls', 'Quill, Corin', 'Birds', 2001, 'eng', 'LAN', '598 QUI'));
        foreach (array_chunk($ids, 1000) as $chunk) {
            self::service(SearchIndex::class)->put(array_map(static fn (mixed $id): SearchDocument => SearchDocument::of(is_numeric($id) ? (int) $id : 0, $gulls, [], Day::of('2026-03-03')), $chunk));
        }
        $this->browser->request('GET', '/api/records/file/csv?q=gulls');
        $numbers = array_map(intval(...), \array_slice(explode("\r\n", trim($this->browser->getInternalResponse()->getContent())), 1));
        self::assertSame($ids, $numbers);
    }

    public function testWhatWasRemovedWhileAnotherIndexWasInUseIsNotFoundAfterRebuilding(): void
    {
        $id = self::number((array) self::at($this->get('/api/records?q=skellin'), 'records', 0), 'id');
        $stale = SearchDocument::of($id, DescribedRecord::of(self::book('Tides of Skellin', 'Venn, Mara', 'Navigation', 2019, 'eng', 'LAN', '551.46 VEN')), [], Day::of('2026-03-03'));
        $this->connection()->delete('item', ['record_id' => $id]);
        $this->send('POST', "/api/records/{$id}/removal", ['id' => self::id()], 200);
        self::service(SearchIndex::class)->put([$stale]);
        self::assertSame(1, $this->get('/api/records?q=skellin')['total']);
        self::service(Derived::class)->rebuild();
        self::assertSame(0, $this->get('/api/records?q=skellin')['total']);
        self::assertSame(3, $this->get('/api/records?q=')['total']);
    }

    public function testASearchIsSavedSharedAndForgotten(): void
    {
        $this->signIn('cataloguer');
        $form = ['id' => self::id(), 'name' => 'Tides, newest', 'question' => 'q=tides&sort=newest', 'isShared' => false];
        $mine = $this->send('POST', '/api/saved-searches', $form, 200);
        self::assertSame($mine, $this->send('POST', '/api/saved-searches', $form, 200));
        $this->send('POST', '/api/saved-searches', ['id' => self::id(), 'name' => 'Ours', 'question' => 'q=skellin', 'isShared' => true], 200);
        $this->send('POST', '/api/saved-searches', ['id' => self::id(), 'name' => 'Ours', 'question' => 'q=skellin&in=title', 'isShared' => true], 200);
        self::assertSame([['Ours', 'q=skellin&in=title'], ['Tides, newest', 'q=tides&sort=newest']], array_map(null, self::column($this->get('/api/saved-searches'), 'name'), self::column($this->get('/api/saved-searches'), 'question')));
        $this->signIn('desk');
        $seen = $this->get('/api/saved-searches');
        self::assertSame([['Ours'], [false]], [self::column($seen, 'name'), self::column($seen, 'isMine')]);
        self::assertSame('not-yours', $this->send('DELETE', '/api/saved-searches/'.self::number((array) $seen[0], 'id'), null, 404)['code']);
        $this->signIn('cataloguer');
        self::assertSame(['Ours'], self::column($this->send('DELETE', '/api/saved-searches/'.self::number($mine, 'id'), null, 200), 'name'));
        self::assertSame(['Ours'], self::column($this->send('DELETE', '/api/saved-searches/'.self::number($mine, 'id'), null, 200), 'name'), 'forgetting twice is harmless');
    }

    private static function book(string $title, string $author, string $subject, int $year, string $language, string $branch, string $callNumber, string $isbn = '', string $leader = 'am', string $barcode = ''): MarcRecord
    {
        return new MarcRecord("00000n{$leader} a2200000 i 4500", array_values(array_filter([
            new ControlField('008', \sprintf('260101s%d    vi ||||| |||| 00| 0 %s d', $year, $language)),
            '' === $isbn ? null : DataField::of('020', '  ', 'a', $isbn),
            DataField::of('100', '1 ', 'a', $author),
            DataField::of('245', '10', 'a', $title),
            DataField::of('650', ' 0', 'a', $subject),
            DataField::of('852', '1 ', 'b', $branch, 'h', $callNumber, 'p', '' === $barcode ? (string) ++self::$barcodes : $barcode),
        ])));
    }

    private function takeIn(MarcRecord ...$records): void
    {
        $file = tempnam(sys_get_temp_dir(), 'search');
        self::assertIsString($file);
        file_put_contents($file, implode('', array_map((new Iso2709Writer())->write(...), $records)));
        self::service(TakeInFile::class)(RecordFile::open($file), new IntakeOptions(ItemMapping::holdings(), new IntakeDefaults('LAN', 'ADULT', 'BOOK')), self::service(ConsoleActor::class)());
        unlink($file);
    }
}
