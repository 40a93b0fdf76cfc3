<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

use TinLantern\Core\Calendar\Day;

/**
 * What is known about an item at the moment of a decision.
 *
 * @param Day|null $due set when the item is on loan
 */
final readonly class ItemFacts
{
    public function __construct(
        public ItemStatus $status,
        public bool $isReference,
        public string $lendingClass,
        public string $branch,
        public bool $isAtThisBranch,
        public ?Day $due = null,
        public bool $isLentToThisPatron = false,
    ) {
    }
}
