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
     * @param array<int, list<HeldItem>> $held         by record id
     * @param array<int, list<string>>   $problems     sentences, by record id; after atPlaces() by place in the file
     * @param array<string, string>      $unknownCodes a sentence for each code that the house does not know
     */
    public function __construct(public int $count, public array $held, public array $problems, public array $unknownCodes)
    {
    }

    /** @param array<int, int> $places place in the file by record id */
    public function atPlaces(array $places): self
    {
        $problems = [];
        foreach ($this->problems as $id => $sentences) {
            $problems[$places[$id]] = $sentences;
        }

        return new self($this->count, [], $problems, $this->unknownCodes);
    }
}
