<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use TinLantern\Core\Calendar\Day;

/**
 * Everything about a patron that people enter, checked and looked up.
 */
final readonly class PatronDetails
{
    public function __construct(
        public string $cardNumber,
        public string $familyName,
        public string $givenName,
        public ?Day $birthDate,
        public ?string $email,
        public ?string $phone,
        public ?string $address,
        public int $branchId,
        public int $membershipId,
        public Day $expiresOn,
        public ?string $barredBecause,
        public bool $isCardLost,
        public ?string $staffNote,
    ) {
    }

    /** @return array<string, mixed> for the journal */
    public function told(): array
    {
        /** @var array<string, mixed> $all */
        $all = get_object_vars($this);

        return $all;
    }
}
