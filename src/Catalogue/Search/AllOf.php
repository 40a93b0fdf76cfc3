<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * All of these.
 */
final readonly class AllOf implements SearchExpression
{
    /** @param non-empty-list<SearchExpression> $parts */
    public function __construct(public array $parts)
    {
    }
}
