<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Matching;

use TinLantern\Core\Matching\Likeness;
use TinLantern\Core\Matching\LikenessPart;

/**
 * How alike two records are in one aspect.
 */
final readonly class LikenessPartView
{
    /**
     * @param string     $aspect title, volume, author, year, edition, format or number
     * @param float|null $value  from 0 to 1; null where one of them does not tell
     */
    public function __construct(public string $aspect, public ?float $value, public bool $differs)
    {
    }

    /** @return list<self> */
    public static function of(Likeness $likeness): array
    {
        return array_map(static fn (LikenessPart $part): self => new self($part->aspect->value, $part->value, $part->differs()), $likeness->parts);
    }
}
