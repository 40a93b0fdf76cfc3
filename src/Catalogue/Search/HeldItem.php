<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * What a search index has to know of an item.
 */
final readonly class HeldItem
{
    public function __construct(public int $branchId, public string $prefix, public string $callNumber)
    {
    }
}
