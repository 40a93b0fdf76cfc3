<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * One line of two records side by side: a field of either, or of both. Fields stand in the canonical text form; null where one of the
 * records has none.
 */
final readonly class FieldDifference
{
    public function __construct(public string $tag, public ?string $left, public ?string $right)
    {
    }

    public function isSame(): bool
    {
        return $this->left === $this->right;
    }
}
