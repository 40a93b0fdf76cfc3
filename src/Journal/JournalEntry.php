<?php

declare(strict_types=1);

namespace TinLantern\Journal;

/**
 * An act as the journal remembers it, for taking it back.
 */
final readonly class JournalEntry
{
    /**
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     */
    public function __construct(
        public int $id,
        public string $act,
        public Subject $subject,
        public int $subjectId,
        public array $before,
        public array $after,
        public bool $isTakenBack,
    ) {
    }

    public function textBefore(string $name): string
    {
        $value = $this->before[$name] ?? null;

        return \is_string($value) ? $value : throw new \LogicException("Entry {$this->id} does not tell the {$name} before.");
    }

    public function textAfter(string $name): string
    {
        $value = $this->after[$name] ?? null;

        return \is_string($value) ? $value : throw new \LogicException("Entry {$this->id} does not tell the {$name} after.");
    }

    public function numberBefore(string $name): int
    {
        $value = $this->before[$name] ?? null;

        return \is_int($value) ? $value : throw new \LogicException("Entry {$this->id} does not tell the {$name} before.");
    }
}
