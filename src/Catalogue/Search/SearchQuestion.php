<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * What is looked for, what it is narrowed to, and which page of it is wanted.
 */
final readonly class SearchQuestion
{
    /**
     * @param SearchExpression|null $wanted     null for every record
     * @param string|null           $after      cursor of the page before
     * @param bool                  $withFacets whether hits are counted; without, the total is 0
     * @param int                   $skipped    how many hits behind the cursor are passed over, for those who have no cursor
     */
    public function __construct(
        public ?SearchExpression $wanted,
        public Narrowing $narrowing,
        public SearchOrder $order,
        public ?string $after,
        public int $limit,
        public bool $withFacets = true,
        public int $skipped = 0,
    ) {
    }
}
