<?php

declare(strict_types=1);

namespace TinLantern\Journal;

use TinLantern\Platform\Json;

/**
 * What differs between two states of the same thing.
 */
final readonly class Changes
{
    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    private function __construct(public array $before, public array $after)
    {
    }

    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public static function between(array $before, array $after): self
    {
        $changed = [];
        foreach ($after as $name => $value) {
            if (Json::encode($before[$name] ?? null) !== Json::encode($value)) {
                $changed[$name] = true;
            }
        }

        return new self(array_intersect_key($before, $changed), array_intersect_key($after, $changed));
    }

    public function areNone(): bool
    {
        return [] === $this->after;
    }
}
