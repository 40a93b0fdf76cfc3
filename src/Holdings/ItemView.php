<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\ItemStatus;

final readonly class ItemView
{
    /**
     * @param string                  $atBranch where it is now, or was last seen
     * @param string|null             $price    as 12.50
     * @param \DateTimeImmutable|null $dueAt    when on loan
     */
    public function __construct(
        public int $id,
        public int $version,
        public int $recordId,
        public string $title,
        public string $author,
        public string $barcode,
        public ItemStatus $status,
        public string $branch,
        public string $atBranch,
        public string $location,
        public string $locationName,
        public string $lendingClass,
        public string $lendingClassName,
        public string $prefix,
        public string $callNumber,
        public string $suffix,
        public string $copy,
        public ?string $price,
        public ?Day $acquiredOn,
        public string $staffNote,
        public ?\DateTimeImmutable $dueAt,
        public string $material = '',
        public string $volume = '',
        public string $vendor = '',
        public string $fund = '',
        public string $piecesNote = '',
        public string $publicNote = '',
        public string $checkInMessage = '',
        public string $checkOutMessage = '',
        public string $serialNumber = '',
        public int $pieces = 1,
        public string $temporaryLocation = '',
        public string $temporaryLocationName = '',
        public ?Day $temporaryUntil = null,
    ) {
    }
}
