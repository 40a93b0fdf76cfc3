<?php

declare(strict_types=1);

namespace TinLantern\Journal;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class JournalQuery
{
    /** @param array<string, string> $filter by `act`, `subject` (as in item:12), `staff` */
    public function __construct(
        #[Assert\All([new Assert\Type('string', message: 'A filter has one value.')])]
        public array $filter = [],
        #[Assert\PositiveOrZero(message: 'after is the number of an entry.')]
        public ?int $after = null,
        #[Assert\Range(notInRangeMessage: 'limit is from 1 to 200.', min: 1, max: 200)]
        public int $limit = 50,
    ) {
    }
}
