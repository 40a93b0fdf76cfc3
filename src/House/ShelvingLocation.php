<?php

declare(strict_types=1);

namespace TinLantern\House;

use TinLantern\Core\CallNumber\Scheme;

/**
 * Where items stand. Its collection says how their call numbers are ordered.
 */
final readonly class ShelvingLocation
{
    public function __construct(public int $id, public string $code, public string $name, public string $collection, public Scheme $scheme)
    {
    }
}
