<?php

declare(strict_types=1);

namespace TinLantern\Core\Cql;

/**
 * What is looked for in one index.
 */
final readonly class SearchClause implements Query
{
    public const SERVER_CHOICE = 'cql.serverchoice';

    /**
     * @param string $index    in lower case; cql.serverchoice where none is named
     * @param string $relation in lower case, without modifiers: =, ==, <>, all, any, adj, scr and so on
     */
    public function __construct(public string $index, public string $relation, public string $term)
    {
    }
}
