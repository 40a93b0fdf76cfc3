<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

/**
 * How many hits have a value; branches by their code.
 */
final readonly class FacetView
{
    public function __construct(public string $name, public string $value, public int $count)
    {
    }
}
