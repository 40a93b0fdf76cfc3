<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sharing;

use Symfony\Component\HttpFoundation\Request;
use TinLantern\Catalogue\RecordItems;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Search\Narrowing;
use TinLantern\Catalogue\Search\SearchIndex;
use TinLantern\Catalogue\Search\SearchOrder;
use TinLantern\Catalogue\Search\SearchQuestion;
use TinLantern\Catalogue\Search\Wanted;
use TinLantern\Core\Cql\CqlParser;
use TinLantern\Core\Cql\CqlProblem;
use TinLantern\Core\Cql\SortKey;
use TinLantern\Core\Marc\DublinCoreWriter;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Marc\NotExpressible;
use TinLantern\Core\Sru\SruResponse;
use TinLantern\Core\Sru\SruVersion;

/**
 * The own catalogue as an SRU server: explain and searchRetrieve in 1.1, 1.2 and 2.0.
 *
 * @see OASIS searchRetrieve: Part 3. SRU 2.0; SRU 1.1 and 1.2
 */
final readonly class SruServer
{
    private const MOST = 100;
    private const DEFAULT = 10;
    /** As far into a result as one may go. */
    private const DEEPEST = 10_000;
    private const TITLES = [
        'cql.serverChoice' => 'All words', 'dc.title' => 'Title', 'dc.creator' => 'Author', 'dc.subject' => 'Subject', 'dc.date' => 'Year', 'dc.identifier' => 'Control number, ISSN',
        'cql.allRecords' => 'Every record',
        'bib.title' => 'Title', 'bib.titleUniform' => 'Title', 'bib.titleAlternative' => 'Title', 'bib.titleSeries' => 'Title', 'bib.name' => 'Name', 'bib.namePersonal' => 'Name', 'bib.nameCorporate' => 'Name', 'bib.nameConference' => 'Name',
        'bib.subjectTopic' => 'Subject', 'bib.subjectPlace' => 'Subject', 'bib.subjectName' => 'Subject', 'bib.subjectTitle' => 'Subject', 'bib.genre' => 'Subject', 'bib.isbn' => 'ISBN', 'bib.issn' => 'ISSN', 'bib.dateIssued' => 'Year', 'bib.callNumber' => 'Call number',
        'bath.isbn' => 'ISBN', 'bath.issn' => 'ISSN', 'rec.identifier' => 'Control number',
    ];

    public function __construct(private SearchIndex $index, private Records $records, private RecordItems $items)
    {
    }

    public function answer(Request $request): string
    {
        $asked = $request->isMethod('POST') ? $request->request : $request->query;
        $version = SruVersion::tryFrom($asked->getString('version')) ?? ('' === $asked->getString('version') && $asked->has('operation') ? SruVersion::V12 : SruVersion::V20);
        try {
            if ('' !== $asked->getString('version') && null === SruVersion::tryFrom($asked->getString('version'))) {
                throw new CqlProblem(5, 'Unsupported version', $asked->getString('version'));
            }
            $operation = $asked->getString('operation', $asked->has('query') ? 'searchRetrieve' : 'explain');

            return match ($operation) {
                'explain' => SruResponse::explain($version, $request->getHost(), (int) $request->getPort(), 'sru', 'Tin Lantern', self::TITLES),
                'searchRetrieve' => $this->search($version, $asked->getString('query'), $asked->getString('sortKeys'), self::number($asked->getString('startRecord', '1'), 'startRecord', 1), self::number($asked->getString('maximumRecords', (string) self::DEFAULT), 'maximumRecords', 0), self::schema($asked->getString('recordSchema', 'marcxml')), 'string' === $asked->getString('recordPacking', $asked->getString('recordXMLEscaping', 'xml'))),
                default => throw new CqlProblem(4, 'Unsupported operation', $operation),
            };
        } catch (CqlProblem $problem) {
            return SruResponse::problem($version, $problem);
        }
    }

    private function search(SruVersion $version, string $query, string $sortKeys, int $start, int $most, string $schema, bool $isEscaped): string
    {
        if ('' === trim($query)) {
            throw new CqlProblem(7, 'Mandatory parameter not supplied', 'query');
        }
        $read = (new CqlParser())->read($query);
        $wanted = Wanted::ofQuery($read->query);
        $order = SearchOrder::of([] === $read->sortKeys ? SortKey::ofParameter($sortKeys) : $read->sortKeys);
        $most = min($most, self::MOST);
        if (null === $wanted && !Wanted::isEveryRecord($read->query)) {
            return SruResponse::records($version, 0, true, [], $schema, null, $isEscaped);
        }
        if ($start > self::DEEPEST) {
            throw new CqlProblem(61, 'First record position out of range', (string) $start);
        }
        $hits = $this->index->find(new SearchQuestion($wanted, new Narrowing(), $order, null, max(1, $most), skipped: $start - 1));
        if ($start > 1 && $start > $hits->total) {
            throw new CqlProblem(61, 'First record position out of range', (string) $start);
        }
        $records = [];
        $next = $start;
        foreach ($this->items->embedIn($this->records->several(\array_slice($hits->recordIds, 0, $most)), true) as $record) {
            $position = $next++;
            try {
                $records[$position] = ('dc' === $schema ? new DublinCoreWriter() : new MarcXmlWriter())->write($record);
            } catch (NotExpressible) {
                continue;
            }
        }

        return SruResponse::records($version, $hits->total, !$hits->isAbout, array_map(self::named(...), $records), $schema, $next <= $hits->total ? $next : null, $isEscaped);
    }

    /** A record element alone names its namespace itself. */
    private static function named(string $xml): string
    {
        return preg_replace('/^<record>/', '<record xmlns="http://www.loc.gov/MARC21/slim">', $xml) ?? $xml;
    }

    private static function schema(string $asked): string
    {
        $byUri = array_flip(SruResponse::SCHEMAS);

        return match (true) {
            isset(SruResponse::SCHEMAS[$asked]) => $asked,
            isset($byUri[$asked]) => $byUri[$asked],
            default => throw new CqlProblem(66, 'Unknown schema for retrieval', $asked),
        };
    }

    private static function number(string $written, string $name, int $least): int
    {
        return ctype_digit($written) && (int) $written >= $least ? (int) $written : throw new CqlProblem(6, 'Unsupported parameter value', $name);
    }
}
