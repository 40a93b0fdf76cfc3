<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use TinLantern\Core\Calendar\Day;

final readonly class PatronLineView
{
    public function __construct(
        public int $id,
        public string $cardNumber,
        public string $familyName,
        public string $givenName,
        public string $membershipName,
        public string $branch,
        public Day $expiresOn,
        public bool $isBarred,
    ) {
    }
}
