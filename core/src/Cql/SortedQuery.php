<?php

declare(strict_types=1);

namespace TinLantern\Core\Cql;

/**
 * A query, and by what its result is to be sorted.
 */
final readonly class SortedQuery
{
    /** @param list<SortKey> $sortKeys the first goes before the others */
    public function __construct(public Query $query, public array $sortKeys)
    {
    }
}
