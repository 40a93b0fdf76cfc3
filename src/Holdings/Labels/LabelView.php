<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

/**
 * What a label tells of an item.
 */
final readonly class LabelView
{
    public function __construct(public int $item, public string $barcode, public string $callNumber, public string $title)
    {
    }
}
