<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * Marked words that stand one after the other.
 */
final readonly class SearchPhrase implements SearchExpression
{
    /** @param non-empty-list<string> $words */
    public function __construct(public array $words)
    {
    }
}
