<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

final readonly class CopiesView
{
    /**
     * @param list<int>    $items    their ids
     * @param list<string> $barcodes in the same order
     */
    public function __construct(public array $items, public array $barcodes)
    {
    }
}
