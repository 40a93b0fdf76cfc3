<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

final readonly class SentLabelsView
{
    /** @param list<int> $items whose labels were sent */
    public function __construct(public string $printer, public array $items)
    {
    }
}
