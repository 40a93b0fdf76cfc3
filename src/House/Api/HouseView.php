<?php

declare(strict_types=1);

namespace TinLantern\House\Api;

use TinLantern\House\Branch;
use TinLantern\House\LendingClass;
use TinLantern\House\Membership;
use TinLantern\House\ShelvingLocation;

final readonly class HouseView
{
    /**
     * @param list<Branch>           $branches
     * @param list<ShelvingLocation> $locations
     * @param list<LendingClass>     $lendingClasses
     * @param list<Membership>       $memberships
     */
    public function __construct(
        public string $zone,
        public array $branches,
        public array $locations,
        public array $lendingClasses,
        public array $memberships,
    ) {
    }
}
