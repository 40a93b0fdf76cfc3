<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

enum SearchOrder: string
{
    case Relevance = 'relevance';
    case Title = 'title';
    case Newest = 'newest';
}
