<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use TinLantern\Core\Calendar\Day;

final readonly class PatronView
{
    public function __construct(
        public int $id,
        public int $version,
        public string $cardNumber,
        public string $name,
        public string $familyName,
        public string $givenName,
        public ?Day $birthDate,
        public ?string $email,
        public ?string $phone,
        public ?string $address,
        public string $branch,
        public string $membership,
        public string $membershipName,
        public Day $expiresOn,
        public bool $isExpired,
        public ?string $barredBecause,
        public bool $isCardLost,
        public ?string $staffNote,
    ) {
    }
}
