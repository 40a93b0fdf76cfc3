<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * A control field (tags 001 to 009): text without indicators or subfields.
 */
final readonly class ControlField
{
    public function __construct(public string $tag, public string $value)
    {
    }

    public static function isTag(string $tag): bool
    {
        return str_starts_with($tag, '00');
    }
}
