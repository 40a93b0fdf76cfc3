<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Holdings\Entity\Particulars;

/**
 * Everything about an item that people enter, checked and looked up, with the shelf key that follows from it.
 */
final readonly class ItemDetails
{
    public function __construct(
        public string $barcode,
        public ItemStatus $status,
        public int $branchId,
        public int $locationId,
        public int $lendingClassId,
        public string $prefix,
        public string $callNumber,
        public string $suffix,
        public string $shelfKey,
        public string $copy,
        public ?int $priceMinor,
        public ?Day $acquiredOn,
        public string $staffNote,
        public Particulars $particulars = new Particulars(),
        public ?int $temporaryLocationId = null,
        public ?Day $temporaryUntil = null,
    ) {
    }

    /** @return array<string, mixed> for the journal: what people entered, without what follows from it */
    public function told(): array
    {
        /** @var array<string, mixed> $all */
        $all = get_object_vars($this) + get_object_vars($this->particulars);
        unset($all['shelfKey'], $all['particulars']);

        return $all;
    }
}
