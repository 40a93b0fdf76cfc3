<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

/**
 * A code and what it stands for.
 */
final readonly class CodeView
{
    public function __construct(public string $code, public string $name)
    {
    }

    /**
     * @param array<array-key, string> $names by code
     *
     * @return list<self>
     */
    public static function listed(array $names): array
    {
        return array_map(static fn (int|string $code, string $name): self => new self((string) $code, $name), array_keys($names), array_values($names));
    }
}
