<?php

declare(strict_types=1);

namespace TinLantern\Journal;

final readonly class JournalLineView
{
    /**
     * @param array<string, mixed>|null $before
     * @param array<string, mixed>|null $after
     * @param bool                      $canTakeBack whether this act is one that can be taken back, and this person may
     */
    public function __construct(
        public int $id,
        public \DateTimeImmutable $at,
        public string $staff,
        public ?string $branch,
        public string $desk,
        public string $act,
        public string $subject,
        public int $subjectId,
        public ?array $before,
        public ?array $after,
        public ?string $reason,
        public bool $isTakenBack,
        public bool $canTakeBack,
    ) {
    }
}
