<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

final readonly class RemovedRecordView
{
    /** @param int $journalEntry for bringing it back */
    public function __construct(public int $id, public int $journalEntry)
    {
    }
}
