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
}
