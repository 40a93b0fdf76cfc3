<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Repository;

/**
 * What is known of a record that was removed, or merged into another.
 */
final readonly class GoneRecord
{
    public function __construct(public string $removedAt, public string $removedBy, public ?int $mergedInto)
    {
    }
}
