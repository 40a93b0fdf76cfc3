<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

final readonly class VersionView
{
    /** @param string $cause intake, edited, overlaid, merged, heading, returned or taken-back */
    public function __construct(public int $version, public \DateTimeImmutable $madeAt, public string $madeBy, public string $cause, public bool $isCurrent)
    {
    }
}
