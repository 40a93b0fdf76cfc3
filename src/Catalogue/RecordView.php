<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

final readonly class RecordView
{
    /**
     * @param list<string>       $isbns
     * @param list<string>       $subjects
     * @param list<string>       $notes
     * @param list<MarcLineView> $marc
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $author,
        public string $statement,
        public string $edition,
        public string $published,
        public string $extent,
        public ?int $year,
        public string $language,
        public string $format,
        public array $isbns,
        public array $subjects,
        public array $notes,
        public array $marc,
    ) {
    }
}
