<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Core\Marc\ItemMapping;

/**
 * How a file is to be taken in.
 */
final readonly class IntakeOptions
{
    public function __construct(public ItemMapping $mapping, public IntakeDefaults $defaults, public bool $again = false)
    {
    }

    /** What makes two intakes of one file the same. */
    public function written(): string
    {
        return implode(' ', [$this->mapping->written(), $this->defaults->branch, $this->defaults->location, $this->defaults->lendingClass]);
    }
}
