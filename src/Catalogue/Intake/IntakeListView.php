<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

final readonly class IntakeListView
{
    /**
     * @param list<IntakeLineView> $files
     * @param int                  $putAway how many were put away
     */
    public function __construct(public array $files, public ?int $after, public int $putAway)
    {
    }
}
