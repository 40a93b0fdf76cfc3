<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * A record that taking back an intake has left as it is.
 */
final readonly class LeftRecord
{
    /** @param string $because what has happened to it since, as in "it was edited since" */
    public function __construct(public int $record, public string $title, public string $because)
    {
    }
}
