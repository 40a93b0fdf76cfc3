<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

final readonly class LoanView
{
    /**
     * @param string           $callNumber   with its prefix
     * @param int|null         $journalEntry of the act that this view answers, for taking it back
     * @param list<ReasonView> $reasons      what was to be said, or was overridden
     */
    public function __construct(
        public int $id,
        public int $itemId,
        public string $barcode,
        public int $recordId,
        public string $title,
        public string $author,
        public string $callNumber,
        public int $patronId,
        public string $patronName,
        public string $cardNumber,
        public string $branch,
        public \DateTimeImmutable $lentAt,
        public \DateTimeImmutable $dueAt,
        public ?\DateTimeImmutable $returnedAt,
        public int $renewals,
        public ?int $journalEntry = null,
        public array $reasons = [],
    ) {
    }
}
