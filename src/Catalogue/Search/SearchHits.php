<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * One page of hits, with the facets of all.
 */
final readonly class SearchHits
{
    /**
     * @param list<int>   $recordIds
     * @param int         $total     how many there are
     * @param bool        $isAbout   there are more than were counted
     * @param list<Facet> $facets
     * @param string|null $after     cursor of the next page
     */
    public function __construct(public array $recordIds, public int $total, public bool $isAbout, public array $facets, public ?string $after)
    {
    }
}
