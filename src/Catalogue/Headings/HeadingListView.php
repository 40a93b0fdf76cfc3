<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

final readonly class HeadingListView
{
    /**
     * @param list<HeadingView> $headings in their order
     * @param int|null          $at       which of them is the first that stands at or behind what was typed
     * @param string|null       $before   cursor of the places before these; null where the list begins
     * @param string|null       $after    cursor of the places behind these; null where the list ends
     */
    public function __construct(public array $headings, public ?int $at, public ?string $before, public ?string $after)
    {
    }
}
