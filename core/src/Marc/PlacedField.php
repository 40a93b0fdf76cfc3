<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * An item's field and where it stood in its record: behind how many of the record's own fields, and which of the item
 * fields of that place it was.
 */
final readonly class PlacedField
{
    public function __construct(public int $place, public int $order, public DataField $field)
    {
    }
}
