<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

enum SearchOrder: string
{
    case Relevance = 'relevance';
    case Title = 'title';
    case Newest = 'newest';
    /** Of the records; the one order in which hits can be gone through without end. */
    case Number = 'number';
}
