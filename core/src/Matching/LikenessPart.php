<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

/**
 * How alike two records are in one aspect.
 */
final readonly class LikenessPart
{
    /** @param float|null $value from 0 (different) to 1 (the same); null where one of them does not tell */
    public function __construct(public LikenessAspect $aspect, public ?float $value)
    {
    }

    public function differs(): bool
    {
        return null !== $this->value && $this->value < $this->aspect->agreesFrom();
    }
}
