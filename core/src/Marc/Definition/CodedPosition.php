<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Definition;

/**
 * A position of a coded field: where it begins, from 0, how many characters it has, and what may stand there.
 */
final readonly class CodedPosition
{
    /** @param array<array-key, string> $values names by code, of one character or of the whole length; empty when anything may stand there */
    public function __construct(public int $from, public int $length, public string $name, public array $values)
    {
    }

    /** Whether these characters together, or each of them, are one of the values. */
    public function allows(string $characters): bool
    {
        return [] === $this->values || isset($this->values[$characters]) || [] === array_filter(str_split($characters), fn (string $character): bool => !isset($this->values[$character]));
    }
}
