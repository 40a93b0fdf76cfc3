<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * What is looked for, in words that {@see \TinLantern\Core\Search\SearchWords} has made: no syntax of any engine.
 */
final readonly class SearchQuestion
{
    /**
     * @param list<string> $words    marked words, all of which must be found; none means every record
     * @param bool         $isPrefix the last word is the beginning of a word
     * @param string|null  $after    cursor of the page before
     */
    public function __construct(
        public array $words,
        public bool $isPrefix,
        public Narrowing $narrowing,
        public SearchOrder $order,
        public ?string $after,
        public int $limit,
    ) {
    }
}
