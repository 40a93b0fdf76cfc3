<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

final readonly class RecordLineView
{
    public function __construct(
        public int $id,
        public string $title,
        public string $author,
        public string $edition,
        public string $published,
        public ?int $year,
        public string $language,
        public string $format,
        public Availability $availability,
    ) {
    }
}
