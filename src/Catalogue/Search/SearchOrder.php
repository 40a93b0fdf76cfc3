<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Core\Cql\CqlProblem;
use TinLantern\Core\Cql\SortKey;

enum SearchOrder: string
{
    case Relevance = 'relevance';
    case Title = 'title';
    case Newest = 'newest';
    /** Of the records; the one order in which hits can be gone through without end. */
    case Number = 'number';

    /**
     * The order that others ask for by name: titles from A on, or the newest years first.
     *
     * @param list<SortKey> $keys
     *
     * @throws CqlProblem when there is no such order
     */
    public static function of(array $keys): self
    {
        $key = $keys[0] ?? null;
        if (null === $key) {
            return self::Relevance;
        }
        $order = match (Wanted::INDEXES[$key->index] ?? null) {
            SearchField::Title => self::Title,
            SearchField::Year => self::Newest,
            default => throw CqlProblem::unsupportedSort($key->index),
        };

        return match (true) {
            \count($keys) > 1 => throw CqlProblem::tooManySortKeys(),
            $key->isDescending !== (self::Newest === $order) => throw CqlProblem::unsupportedDirection($key->index),
            default => $order,
        };
    }
}
