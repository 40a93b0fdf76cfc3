<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

final readonly class MergedView
{
    /**
     * @param int $items        how many moved along
     * @param int $fields       how many were added
     * @param int $journalEntry for taking it back
     */
    public function __construct(public int $recordId, public int $items, public int $fields, public int $journalEntry)
    {
    }
}
