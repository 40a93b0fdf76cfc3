<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Definition;

/**
 * Something in a record that MARC 21 does not provide for. A warning, never a wall.
 */
final readonly class Remark
{
    /**
     * @param int    $field the place of the field in the record, from 0; -1 for the leader or for a field that is missing
     * @param string $code  what kind of remark: unknown-field, not-repeatable, indicator, unknown-subfield, subfield-not-repeatable, empty, length, coded-value, missing
     */
    public function __construct(public int $field, public string $tag, public string $code, public string $sentence)
    {
    }
}
