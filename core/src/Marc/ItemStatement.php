<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * What a record says about one of its items: the words as they stand, not yet looked up in any house's lists, and the
 * fields that said it.
 */
final readonly class ItemStatement
{
    /**
     * @param array<string, string> $values by ItemProperty; a property that is absent is not a key
     * @param list<PlacedField>     $fields
     */
    public function __construct(public ItemMapping $mapping, public array $values, public array $fields)
    {
    }

    public function value(ItemProperty $property): ?string
    {
        return $this->values[$property->value] ?? null;
    }

    public function barcode(): string
    {
        return $this->values[ItemProperty::Barcode->value];
    }
}
