<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What an item gets where its record says nothing, or something that the house does not know: codes of the house.
 */
final readonly class IntakeDefaults
{
    public function __construct(public string $branch, public string $location, public string $lendingClass)
    {
    }
}
