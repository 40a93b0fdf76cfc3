<?php

declare(strict_types=1);

namespace TinLantern\Core\Cql;

/**
 * Two queries with a boolean between them.
 */
final readonly class BooleanQuery implements Query
{
    /** @param string $operator and, or, not or prox */
    public function __construct(public string $operator, public Query $left, public Query $right)
    {
    }
}
