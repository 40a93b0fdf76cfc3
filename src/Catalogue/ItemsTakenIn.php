<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Catalogue\Search\HeldItem;

/**
 * What became of the items of a batch of records.
 */
final readonly class ItemsTakenIn
{
    /**
     * @param array<int, list<HeldItem>> $items        those that were made, by record id
     * @param array<int, list<string>>   $problems     sentences, by record id
     * @param array<string, string>      $unknownCodes a sentence for each code that the house does not know
     */
    public function __construct(public array $items, public array $problems, public array $unknownCodes)
    {
    }

    public function count(): int
    {
        return array_sum(array_map(\count(...), $this->items));
    }
}
