<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class IntakeRecordQuery
{
    /** @param array<string, string> $filter by `kind`: new, near, match, again, broken, unfit, remarked */
    public function __construct(
        #[Assert\All([new Assert\Type('string', message: 'A filter has one value.')])]
        public array $filter = [],
        #[Assert\PositiveOrZero(message: 'after is a place in the file.')]
        public int $after = 0,
        #[Assert\Range(notInRangeMessage: 'limit is from 1 to 200.', min: 1, max: 200)]
        public int $limit = 100,
    ) {
    }
}
