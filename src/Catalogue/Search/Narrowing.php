<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Core\Calendar\Day;

/**
 * What a search is narrowed to; null is no narrowing.
 */
final readonly class Narrowing
{
    public function __construct(public ?string $format = null, public ?string $language = null, public ?int $decade = null, public ?int $branchId = null, public ?Day $addedSince = null)
    {
    }
}
