<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Core\Calendar\Day;

/**
 * The search index in an outside engine that speaks SphinxQL. Documents go there through an outbox in the database.
 */
final readonly class SphinxSearchIndex implements SearchIndex
{
    private const SHORTEST_PREFIX = 3;
    /** As many different values as one facet shows. */
    private const VALUES = 200;

    public function __construct(private SphinxConnection $engine, private SearchOutbox $outbox)
    {
    }

    public function put(array $documents): void
    {
        $this->outbox->put($documents);
    }

    public function remove(array $recordIds): void
    {
        $this->outbox->remove($recordIds);
    }

    public function find(SearchQuestion $question): SearchHits
    {
        if (SearchOrder::Number === $question->order) {
            return $this->byNumber($question);
        }
        // The engine keeps a place for each hit that a list could reach.
        $first = (int) ($question->after ?? '0') + $question->skipped;
        if ($first >= self::LISTED) {
            return new SearchHits([], self::LISTED, true, [], null);
        }
        $results = $this->engine->results($this->sql($question, $first).'; SHOW META');
        $meta = array_column(array_pop($results) ?? [], 1, 0);
        $total = (int) ($meta['total_found'] ?? 0);
        $ids = array_map(static fn (array $row): int => (int) $row[0], array_shift($results) ?? []);
        $more = $first + $question->limit < min($total, self::LISTED);

        return new SearchHits($ids, $total, false, self::facets($results), $more ? (string) ($first + $question->limit) : null);
    }

    private function byNumber(SearchQuestion $question): SearchHits
    {
        $conditions = [...$this->conditions($question), 'id > '.(int) $question->after];
        $results = $this->engine->results('SELECT id FROM records WHERE '.implode(' AND ', $conditions)." ORDER BY id ASC LIMIT {$question->limit} OPTION ranker=none");
        $ids = array_map(static fn (array $row): int => (int) $row[0], $results[0] ?? []);

        return new SearchHits($ids, 0, false, [], \count($ids) === $question->limit ? (string) $ids[\count($ids) - 1] : null);
    }

    public function known(array $words): array
    {
        $counts = [];
        foreach (array_chunk($words, 500) as $chunk) {
            foreach ($this->engine->results("CALL KEYWORDS('".implode(' ', $chunk)."', 'records', 1)")[0] ?? [] as $row) {
                $counts[(string) $row[1]] = (int) $row[3];
            }
        }
        $counts = array_filter($counts, static fn (int $documents): bool => $documents > 0);
        arsort($counts);

        return array_map(strval(...), array_keys($counts));
    }

    public function name(): string
    {
        return 'sphinx';
    }

    /** @return list<string> */
    private function conditions(SearchQuestion $question): array
    {
        $conditions = [];
        if (null !== $question->wanted) {
            $wanted = SearchOrder::Relevance === $question->order ? Favoured::in($question->wanted) : $question->wanted;
            $conditions[] = 'MATCH('.$this->engine->quote(self::asked($wanted)).')';
        }
        $narrowing = $question->narrowing;
        foreach (['format' => $narrowing->format, 'language' => $narrowing->language] as $attribute => $value) {
            if (null !== $value) {
                $conditions[] = "{$attribute} = ".$this->engine->quote($value);
            }
        }
        foreach (['decade' => $narrowing->decade, 'branches' => $narrowing->branchId] as $attribute => $value) {
            if (null !== $value) {
                $conditions[] = "{$attribute} = {$value}";
            }
        }
        if (null !== $narrowing->addedSince) {
            $conditions[] = 'added_on >= '.self::day($narrowing->addedSince);
        }

        return $conditions;
    }

    private function sql(SearchQuestion $question, int $first): string
    {
        $conditions = $this->conditions($question);
        $order = match (true) {
            SearchOrder::Title === $question->order, null === $question->wanted && SearchOrder::Relevance === $question->order => 'title_key ASC, id ASC',
            SearchOrder::Newest === $question->order => 'year DESC, id ASC',
            default => 'WEIGHT() DESC, id ASC',
        };
        $size = min(self::LISTED, $first + $question->limit);
        $facets = !$question->withFacets ? '' : implode(' ', array_map(static fn (string $name): string => "FACET {$name} ORDER BY COUNT(*) DESC LIMIT ".self::VALUES, ['format', 'branches', 'language', 'decade']));

        return 'SELECT id FROM records'.([] === $conditions ? '' : ' WHERE '.implode(' AND ', $conditions))
            ." ORDER BY {$order} LIMIT {$first}, {$question->limit} OPTION ranker=bm25, max_matches=".max(1000, $size).' '.$facets;
    }

    /** The engine's own language, made of nothing but words. */
    private static function asked(SearchExpression $wanted): string
    {
        return match (true) {
            $wanted instanceof SearchTerm => $wanted->written(self::SHORTEST_PREFIX),
            $wanted instanceof SearchPhrase => '"'.implode(' ', $wanted->words).'"',
            $wanted instanceof Favoured => '('.implode(' | ', array_map(self::asked(...), [$wanted->wanted, ...$wanted->by])).')',
            $wanted instanceof AllOf => '('.implode(' ', array_map(self::asked(...), $wanted->parts)).')',
            $wanted instanceof AnyOf => '('.implode(' | ', array_map(self::asked(...), $wanted->parts)).')',
            $wanted instanceof AndNot => '('.self::asked($wanted->wanted).' -('.self::asked($wanted->unwanted).'))',
            default => throw new \LogicException('This engine does not know '.$wanted::class.'.'),
        };
    }

    /**
     * @param list<list<list<string>>> $results
     *
     * @return list<Facet>
     */
    private static function facets(array $results): array
    {
        $counts = new FacetCount();
        foreach (['format', 'branch', 'language', 'decade'] as $index => $name) {
            foreach ($results[$index] ?? [] as $row) {
                // The engine knows no null: 0 stands for "not known".
                $counts->count($name, 'decade' === $name && '0' === (string) $row[0] ? '' : (string) $row[0], (int) $row[1]);
            }
        }

        return $counts->list();
    }

    /** Days since 1 January 1970. */
    public static function day(Day $day): int
    {
        return intdiv($day->atMinute(0, new \DateTimeZone('UTC'))->getTimestamp(), 86_400);
    }
}
