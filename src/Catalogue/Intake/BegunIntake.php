<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * An intake and how far it had come when it was last interrupted.
 */
final readonly class BegunIntake
{
    /** @param string|null $endedEarlier when this file was taken in completely before, and on which day that was begun */
    public function __construct(public int $id, public int $recordsRead, public ?string $endedEarlier)
    {
    }
}
