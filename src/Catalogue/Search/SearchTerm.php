<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * One marked word, or the beginning of one.
 */
final readonly class SearchTerm implements SearchExpression
{
    public function __construct(public string $word, public bool $isBeginning = false)
    {
    }

    /** As engines take it: a beginning with an asterisk, unless it is too short for one and stands for the whole word. */
    public function written(int $shortestBeginning): string
    {
        $bare = rtrim($this->word, '_');

        return $this->isBeginning && \strlen($bare) >= $shortestBeginning ? $bare.'*' : $this->word;
    }
}
