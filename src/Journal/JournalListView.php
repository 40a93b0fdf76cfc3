<?php

declare(strict_types=1);

namespace TinLantern\Journal;

final readonly class JournalListView
{
    /** @param list<JournalLineView> $entries */
    public function __construct(public array $entries, public ?int $after)
    {
    }
}
