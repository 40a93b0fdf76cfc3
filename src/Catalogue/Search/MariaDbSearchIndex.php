<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Platform\Database\BulkInsert;

/**
 * The search index in MariaDB itself: one FULLTEXT document per record. Good to about 200,000 records.
 *
 * The engine is asked with plain words only; what a person typed never reaches its boolean syntax.
 */
final readonly class MariaDbSearchIndex implements SearchIndex
{
    private const SHORTEST_PREFIX = 4;
    private const READ_FOR_WORDS = 500;

    public function __construct(private Connection $connection)
    {
    }

    public function put(array $documents): void
    {
        BulkInsert::run(
            $this->connection,
            'INSERT INTO search_document (record_id, words, title_key, year, format, language, decade, branches, added_on)',
            array_map(static fn (SearchDocument $document): array => [
                $document->recordId,
                $document->words,
                $document->titleKey,
                $document->year,
                $document->format,
                $document->language,
                $document->decade,
                implode(',', $document->branches),
                (string) $document->addedOn,
            ], $documents),
            'ON DUPLICATE KEY UPDATE words = VALUES(words), title_key = VALUES(title_key), year = VALUES(year), format = VALUES(format),
             language = VALUES(language), decade = VALUES(decade), branches = VALUES(branches), added_on = VALUES(added_on)',
        );
    }

    public function find(SearchQuestion $question): SearchHits
    {
        [$condition, $values] = $this->condition($question);
        $facets = $question->withFacets ? $this->facets($condition, $values) : new FacetCount();
        $total = $facets->total;
        [$recordIds, $after] = $this->page($question, $condition, $values);

        return new SearchHits($recordIds, $total, $total >= self::LISTED, $facets->list(), $after);
    }

    public function remove(array $recordIds): void
    {
        foreach (array_chunk($recordIds, 1000) as $chunk) {
            $this->connection->executeStatement('DELETE FROM search_document WHERE record_id IN (:ids)', ['ids' => $chunk], ['ids' => ArrayParameterType::INTEGER]);
        }
    }

    public function known(array $words): array
    {
        if ([] === $words) {
            return [];
        }
        $counts = array_fill_keys($words, 0);
        $texts = $this->connection->iterateColumn('SELECT words FROM search_document WHERE MATCH(words) AGAINST(:words IN BOOLEAN MODE) LIMIT '.self::READ_FOR_WORDS, ['words' => implode(' ', $words)]);
        foreach ($texts as $text) {
            foreach (array_unique(explode(' ', \is_string($text) ? $text : '')) as $word) {
                if (isset($counts[$word])) {
                    ++$counts[$word];
                }
            }
        }
        $counts = array_filter($counts, static fn (int $records): bool => $records > 0);
        arsort($counts);

        return array_map(strval(...), array_keys($counts));
    }

    public function name(): string
    {
        return 'database';
    }

    /** @return array{string, array<string, string|int>} a condition on search_document, and its values by name */
    private function condition(SearchQuestion $question): array
    {
        $conditions = [];
        $values = [];
        if (null !== $question->wanted) {
            $conditions[] = 'MATCH(words) AGAINST(:words IN BOOLEAN MODE)';
            $values['words'] = self::asked($question->wanted);
        }
        $narrowing = $question->narrowing;
        foreach (['format' => $narrowing->format, 'language' => $narrowing->language, 'decade' => $narrowing->decade] as $column => $value) {
            if (null !== $value) {
                $conditions[] = "{$column} = :{$column}";
                $values[$column] = $value;
            }
        }
        if (null !== $narrowing->branchId) {
            $conditions[] = 'FIND_IN_SET(:branch, branches)';
            $values['branch'] = $narrowing->branchId;
        }

        if (null !== $narrowing->addedSince) {
            $conditions[] = 'added_on >= :addedSince';
            $values['addedSince'] = (string) $narrowing->addedSince;
        }

        return [[] === $conditions ? '1' : implode(' AND ', $conditions), $values];
    }

    /** The engine's own boolean language, made of nothing but words. */
    private static function asked(SearchExpression $wanted): string
    {
        return $wanted instanceof AllOf ? self::required($wanted) : '+'.self::part($wanted);
    }

    private static function part(SearchExpression $wanted): string
    {
        return match (true) {
            $wanted instanceof SearchTerm => $wanted->written(self::SHORTEST_PREFIX),
            $wanted instanceof SearchPhrase => '"'.implode(' ', $wanted->words).'"',
            $wanted instanceof Favoured => '('.self::part($wanted->wanted).implode('', array_map(static fn (SearchExpression $favour): string => ' >'.self::part($favour), $wanted->by)).')',
            $wanted instanceof AllOf => '('.self::required($wanted).')',
            $wanted instanceof AnyOf => '('.implode(' ', array_map(self::part(...), $wanted->parts)).')',
            $wanted instanceof AndNot => '(+'.self::part($wanted->wanted).' -'.self::part($wanted->unwanted).')',
            default => throw new \LogicException('This engine does not know '.$wanted::class.'.'),
        };
    }

    private static function required(AllOf $all): string
    {
        return implode(' ', array_map(static fn (SearchExpression $part): string => '+'.self::part($part), $all->parts));
    }

    /** @param array<string, string|int> $values */
    private function facets(string $condition, array $values): FacetCount
    {
        $count = new FacetCount();
        // Grouping by all four at once gives a short list, from which each facet and the total are added up.
        $rows = $this->connection->iterateAssociative(
            'SELECT format, language, decade, branches, COUNT(*) AS hits FROM (SELECT format, language, decade, branches FROM search_document WHERE '
            .$condition.' LIMIT '.self::LISTED.') AS counted GROUP BY format, language, decade, branches',
            $values,
        );
        /** @var array{format: string, language: string, decade: int|null, branches: string, hits: int} $row */
        foreach ($rows as $row) {
            $count->add($row['format'], $row['language'], $row['decade'], $row['branches'], $row['hits']);
        }

        return $count;
    }

    /**
     * @param array<string, string|int> $values
     *
     * @return array{list<int>, string|null}
     */
    private function page(SearchQuestion $question, string $condition, array $values): array
    {
        return match (true) {
            SearchOrder::Title === $question->order, null === $question->wanted && SearchOrder::Relevance === $question->order => $this->pageByKey($question, $condition, $values, 'title_key', 'ASC'),
            SearchOrder::Newest === $question->order => $this->pageByKey($question, $condition, $values, 'COALESCE(year, 0)', 'DESC'),
            SearchOrder::Number === $question->order => $this->pageByNumber($question, $condition, $values),
            default => $this->pageByRank($question, $condition, $values),
        };
    }

    /**
     * InnoDB gives the hits of a full-text condition by falling rank, then by document, and reads no row that is not asked for. An
     * order of our own would read and sort them all; so this one list goes on by how many were shown, not by a key.
     *
     * @param array<string, string|int> $values
     *
     * @return array{list<int>, string|null}
     */
    private function pageByRank(SearchQuestion $question, string $condition, array $values): array
    {
        $shown = (int) ($question->after ?? '0') + $question->skipped;
        if (null !== $question->wanted) {
            $values['words'] = self::asked(Favoured::in($question->wanted));
        }
        $ids = $this->connection->fetchFirstColumn("SELECT record_id FROM search_document WHERE {$condition} LIMIT ".($question->limit + 1)." OFFSET {$shown}", $values);
        $ids = array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids);

        return [\array_slice($ids, 0, $question->limit), \count($ids) > $question->limit ? (string) ($shown + $question->limit) : null];
    }

    /**
     * @param array<string, string|int> $values
     *
     * @return array{list<int>, string|null}
     */
    private function pageByNumber(SearchQuestion $question, string $condition, array $values): array
    {
        $ids = $this->connection->fetchFirstColumn(
            "SELECT record_id FROM search_document WHERE {$condition} AND record_id > :behind ORDER BY record_id LIMIT {$question->limit}",
            $values + ['behind' => (int) $question->after],
        );
        $ids = array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids);

        return [$ids, \count($ids) === $question->limit ? (string) $ids[\count($ids) - 1] : null];
    }

    /**
     * @param array<string, string|int> $values
     *
     * @return array{list<int>, string|null}
     */
    private function pageByKey(SearchQuestion $question, string $condition, array $values, string $key, string $direction): array
    {
        $sql = "SELECT record_id, {$key} AS sort_key FROM search_document WHERE {$condition}";
        if (null !== $question->after) {
            [$id, $last] = explode(' ', $question->after, 2) + [1 => ''];
            $sql .= 'ASC' === $direction ? " AND ({$key}, record_id) > (:lastKey, :lastId)" : " AND ({$key} < :lastKey OR ({$key} = :lastKey AND record_id > :lastId))";
            $values += ['lastKey' => 'ASC' === $direction ? $last : (int) $last, 'lastId' => (int) $id];
        }
        /** @var list<array{record_id: int, sort_key: string|int}> $rows */
        $rows = $this->connection->fetchAllAssociative("{$sql} ORDER BY sort_key {$direction}, record_id LIMIT ".($question->limit + 1)." OFFSET {$question->skipped}", $values);
        $shown = \array_slice($rows, 0, $question->limit);
        $end = [] === $shown ? null : $shown[\count($shown) - 1];

        return [array_column($shown, 'record_id'), \count($rows) > $question->limit && null !== $end ? $end['record_id'].' '.$end['sort_key'] : null];
    }
}
