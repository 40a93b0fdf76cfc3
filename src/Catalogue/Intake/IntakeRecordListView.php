<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

final readonly class IntakeRecordListView
{
    /** @param list<IntakeRecordLineView> $records */
    public function __construct(public array $records, public ?int $after)
    {
    }
}
