<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

/**
 * How many items there are of a title, and how many of them are in.
 */
final readonly class Availability
{
    public function __construct(public int $in, public int $items, public string $callNumber)
    {
    }

    public static function none(): self
    {
        return new self(0, 0, '');
    }
}
