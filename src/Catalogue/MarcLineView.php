<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

/**
 * A field of a record as a line: `LDR` for the leader; indicators with # for a blank, empty for control fields.
 */
final readonly class MarcLineView
{
    public function __construct(public string $tag, public string $indicators, public string $text)
    {
    }
}
