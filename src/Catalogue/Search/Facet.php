<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * How many hits have one value: `format`, `language`, `decade` or `branch`.
 */
final readonly class Facet
{
    public function __construct(public string $name, public string $value, public int $count)
    {
    }
}
