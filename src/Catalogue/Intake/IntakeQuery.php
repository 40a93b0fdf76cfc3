<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class IntakeQuery
{
    /** @param array<string, string> $filter by `state`: put-away; otherwise all but those */
    public function __construct(
        #[Assert\Collection(fields: ['state' => new Assert\Optional(new Assert\IdenticalTo('put-away', message: 'Files are narrowed to state put-away, or not at all.'))], extraFieldsMessage: 'Files are narrowed by state.')]
        public array $filter = [],
        #[Assert\PositiveOrZero(message: 'after is the number of a file.')]
        public ?int $after = null,
        #[Assert\Range(notInRangeMessage: 'limit is from 1 to 200.', min: 1, max: 200)]
        public int $limit = 50,
    ) {
    }

    public function wantsPutAway(): bool
    {
        return isset($this->filter['state']);
    }
}
