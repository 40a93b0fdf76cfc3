<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

final readonly class RecordListView
{
    /**
     * @param list<RecordLineView> $records
     * @param bool                 $isAbout    the total and the facets are of the first hits only; there are more
     * @param list<FacetView>      $facets
     * @param string|null          $didYouMean words that would find something, where these find nothing
     */
    public function __construct(public array $records, public int $total, public bool $isAbout, public array $facets, public ?string $after, public ?string $didYouMean = null)
    {
    }
}
