<?php

declare(strict_types=1);

namespace TinLantern\Journal;

final readonly class TakenBackView
{
    public function __construct(public int $entry, public int $takenBackBy)
    {
    }
}
