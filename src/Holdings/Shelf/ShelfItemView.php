<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Shelf;

use TinLantern\Core\Lending\ItemStatus;

final readonly class ShelfItemView
{
    public function __construct(
        public int $id,
        public int $recordId,
        public string $title,
        public string $author,
        public ?int $year,
        public string $callNumber,
        public string $barcode,
        public string $branch,
        public ItemStatus $status,
    ) {
    }
}
