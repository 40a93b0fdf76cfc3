<?php

declare(strict_types=1);

namespace TinLantern\Core\Labels;

/**
 * Where a label stands: on which page, from 0, and its upper left corner in millimetres.
 */
final readonly class LabelPlace
{
    public function __construct(public int $page, public float $x, public float $y)
    {
    }
}
