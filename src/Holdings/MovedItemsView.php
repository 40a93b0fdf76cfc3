<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

final readonly class MovedItemsView
{
    /** @param int|null $journalEntry for taking it back; null when all of them stood there already */
    public function __construct(public int $recordId, public int $count, public ?int $journalEntry)
    {
    }
}
