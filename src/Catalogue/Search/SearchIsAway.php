<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Platform\Problem\Problem;

/**
 * The outside engine does not answer. Records can be opened, saved and taken in all the same; what changes is put in later.
 */
final class SearchIsAway extends Problem
{
    public function __construct()
    {
        parent::__construct(503, 'Search is away', 'search-away', 'The search engine does not answer. Everything but searching goes on; ask an administrator to start it again.');
    }
}
