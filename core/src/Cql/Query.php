<?php

declare(strict_types=1);

namespace TinLantern\Core\Cql;

/**
 * A query in the Contextual Query Language, as a tree: a {@see SearchClause}, or two queries with a boolean between them.
 *
 * @see OASIS searchRetrieve: Part 5. CQL: The Contextual Query Language version 1.0
 */
interface Query
{
}
