<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

/**
 * A label where it stands on its sheet, in millimetres, with its lines as they break.
 */
final readonly class PlacedLabelView
{
    /**
     * @param list<string> $lines
     * @param bool         $fits  whether all lines and characters have room
     */
    public function __construct(public int $item, public int $page, public float $x, public float $y, public string $barcode, public string $title, public array $lines, public bool $fits)
    {
    }
}
