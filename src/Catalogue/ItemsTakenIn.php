<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

/**
 * What became of the items of a batch of records.
 */
final readonly class ItemsTakenIn
{
    /**
     * @param array<int, list<string>> $problems     sentences, by record id
     * @param array<string, string>    $unknownCodes a sentence for each code that the house does not know
     */
    public function __construct(public int $count, public array $problems, public array $unknownCodes)
    {
    }
}
