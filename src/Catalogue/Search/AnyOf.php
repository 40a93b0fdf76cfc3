<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * Any of these.
 */
final readonly class AnyOf implements SearchExpression
{
    /** @param non-empty-list<SearchExpression> $parts */
    public function __construct(public array $parts)
    {
    }
}
