<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

/**
 * A field or subfield, as written (245$a) and as people call it.
 */
final readonly class PlaceView
{
    public function __construct(public string $place, public string $name)
    {
    }
}
