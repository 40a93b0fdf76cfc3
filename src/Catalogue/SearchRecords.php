<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\Search\DidYouMean;
use TinLantern\Catalogue\Search\Facet;
use TinLantern\Catalogue\Search\Narrowing;
use TinLantern\Catalogue\Search\SearchExpression;
use TinLantern\Catalogue\Search\SearchField;
use TinLantern\Catalogue\Search\SearchHits;
use TinLantern\Catalogue\Search\SearchIndex;
use TinLantern\Catalogue\Search\SearchOrder;
use TinLantern\Catalogue\Search\SearchQuestion;
use TinLantern\Catalogue\Search\Wanted;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Cql\CqlProblem;
use TinLantern\House\Branch;
use TinLantern\House\HouseLists;

/**
 * Searches the catalogue: hits with their availability, and facets.
 */
final readonly class SearchRecords
{
    private const AT_ONCE = 500;

    public function __construct(private SearchIndex $index, private DidYouMean $didYouMean, private Connection $connection, private RecordItems $items, private HouseLists $lists)
    {
    }

    public function __invoke(RecordQuery $query, bool $isPrefix = false): RecordListView
    {
        $field = SearchField::from($query->in);
        $wanted = $this->wanted($query->q, $field, $isPrefix);
        if (null === $wanted && '' !== trim($query->q)) {
            return new RecordListView([], 0, false, [], null);
        }
        $hits = $this->index->find(new SearchQuestion($wanted, $this->narrowing($query), SearchOrder::from($query->sort), $query->after, $query->limit));
        $meant = 0 === $hits->total && null !== $wanted && !$isPrefix ? $this->meant($query, $field) : null;

        return new RecordListView($this->lines($hits->recordIds), $hits->total, $hits->isAbout, $this->facets($hits), $hits->after, $meant);
    }

    /**
     * The ids of all hits, a page at a time: in the order that is asked for, or by number where there are more than a list reaches.
     *
     * @return \Generator<int, list<int>>
     */
    public function ids(RecordQuery $query): \Generator
    {
        $wanted = $this->wanted($query->q, SearchField::from($query->in), false);
        if (null === $wanted && '' !== trim($query->q)) {
            return;
        }
        $narrowing = $this->narrowing($query);
        $total = $this->index->find(new SearchQuestion($wanted, $narrowing, SearchOrder::Relevance, null, 1))->total;
        $order = $total < SearchIndex::LISTED ? SearchOrder::from($query->sort) : SearchOrder::Number;
        $after = null;
        do {
            $hits = $this->index->find(new SearchQuestion($wanted, $narrowing, $order, $after, self::AT_ONCE, false));
            yield $hits->recordIds;
            $after = $hits->after;
        } while (null !== $after);
    }

    /** Words that would find something, when those that were typed find nothing. */
    private function meant(RecordQuery $query, SearchField $field): ?string
    {
        if (!\in_array($field, [SearchField::Any, SearchField::Title, SearchField::Author, SearchField::Subject], true) || Wanted::isQuery($query->q)) {
            return null;
        }
        $meant = ($this->didYouMean)($query->q, $field);

        return null !== $meant && $this->index->find(new SearchQuestion(Wanted::ofWords($meant, $field), $this->narrowing($query), SearchOrder::Relevance, null, 1))->total > 0 ? $meant : null;
    }

    /** Booleans and names of indexes are for those who write them; whatever is no query is words. */
    private function wanted(string $typed, SearchField $field, bool $isBeginning): ?SearchExpression
    {
        if (SearchField::Any === $field && Wanted::isQuery($typed)) {
            try {
                return Wanted::ofCql($typed);
            } catch (CqlProblem) {
                return Wanted::ofWords($typed, $field, $isBeginning);
            }
        }

        return Wanted::ofWords($typed, $field, $isBeginning);
    }

    private function narrowing(RecordQuery $query): Narrowing
    {
        $decade = $query->filter['decade'] ?? null;
        $branch = $query->filter['branch'] ?? null;

        return new Narrowing(
            $query->filter['format'] ?? null,
            $query->filter['language'] ?? null,
            null === $decade ? null : (int) $decade,
            null === $branch ? null : $this->lists->branch($branch)->id ?? 0,
            Day::tryFrom($query->filter['added'] ?? ''),
        );
    }

    /**
     * @param list<int> $ids
     *
     * @return list<RecordLineView> in the order of the ids
     */
    public function lines(array $ids): array
    {
        if ([] === $ids) {
            return [];
        }
        $lines = [];
        $availability = $this->items->availability($ids);
        $rows = $this->connection->iterateAssociative(
            'SELECT id, title, author, edition, published, year, language, format FROM record WHERE id IN (:ids)',
            ['ids' => $ids],
            ['ids' => ArrayParameterType::INTEGER],
        );
        /** @var array{id: int, title: string, author: string, edition: string, published: string, year: int|null, language: string, format: string} $row */
        foreach ($rows as $row) {
            $lines[$row['id']] = new RecordLineView(
                $row['id'],
                $row['title'],
                $row['author'],
                $row['edition'],
                $row['published'],
                $row['year'],
                $row['language'],
                $row['format'],
                $availability[$row['id']] ?? Availability::none(),
            );
        }

        return array_values(array_filter(array_map(static fn (int $id): ?RecordLineView => $lines[$id] ?? null, $ids)));
    }

    /** @return list<FacetView> */
    private function facets(SearchHits $hits): array
    {
        $codes = array_map(static fn (Branch $branch): string => $branch->code, $this->lists->branches());

        return array_map(static fn (Facet $facet): FacetView => new FacetView(
            $facet->name,
            'branch' === $facet->name ? $codes[(int) $facet->value] ?? $facet->value : $facet->value,
            $facet->count,
        ), $hits->facets);
    }
}
