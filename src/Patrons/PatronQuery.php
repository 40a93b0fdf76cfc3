<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class PatronQuery
{
    /** @param array<string, string> $filter by `membership` and `branch`, their codes */
    public function __construct(
        #[Assert\Length(max: 200, maxMessage: 'A search has at most 200 characters.')]
        public string $q = '',
        #[Assert\All([new Assert\Type('string', message: 'A filter has one value.')])]
        public array $filter = [],
        #[Assert\Length(max: 220, maxMessage: 'after comes from the page before.')]
        public ?string $after = null,
        #[Assert\Range(notInRangeMessage: 'limit is from 1 to 200.', min: 1, max: 200)]
        public int $limit = 50,
    ) {
    }
}
