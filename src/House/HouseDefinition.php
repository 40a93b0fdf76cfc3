<?php

declare(strict_types=1);

namespace TinLantern\House;

/**
 * A part of a house's written definition, read with the types that the reader expects.
 */
final readonly class HouseDefinition
{
    /** @param array<mixed> $values */
    public function __construct(private array $values)
    {
    }

    public function text(string $name): string
    {
        $value = $this->values[$name] ?? '';

        return \is_scalar($value) ? (string) $value : '';
    }

    public function number(string $name): ?int
    {
        $value = $this->values[$name] ?? null;

        return is_numeric($value) ? (int) $value : null;
    }

    public function flag(string $name): bool
    {
        return true === ($this->values[$name] ?? false);
    }

    /** @return list<self> */
    public function list(string $name): array
    {
        $value = $this->values[$name] ?? [];

        return \is_array($value) ? array_values(array_map(static fn (mixed $part): self => new self(\is_array($part) ? $part : []), $value)) : [];
    }

    /** @return array<string, string> */
    public function map(string $name): array
    {
        $map = [];
        $value = $this->values[$name] ?? [];
        foreach (\is_array($value) ? $value : [] as $key => $text) {
            $map[(string) $key] = \is_scalar($text) ? (string) $text : '';
        }

        return $map;
    }
}
