<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Shelf;

final readonly class ShelfView
{
    /**
     * @param list<ShelfItemView> $items    in the order of the shelf
     * @param int|null            $at       which of them is the one that was asked for, or the first that stands at or behind the call number
     * @param string|null         $before   cursor of the places before these; null where the shelf begins
     * @param string|null         $after    cursor of the places behind these; null where the shelf ends
     * @param string              $location code of the shelving location that is shown
     */
    public function __construct(public array $items, public ?int $at, public ?string $before, public ?string $after, public string $location)
    {
    }
}
