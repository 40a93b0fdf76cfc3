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

    /** The same field with its text composed (Unicode NFC); itself where nothing changes. */
    public function composed(): self
    {
        $value = Nfc::of($this->value);

        return $value === $this->value ? $this : new self($this->tag, $value);
    }
}
