<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

/**
 * How far a task has come.
 */
final readonly class TaskView
{
    /**
     * @param string                    $state  waiting, running, done or failed
     * @param int|null                  $total  null while nobody knows
     * @param array<string, mixed>|null $answer what came of it, or the sentence that says why not
     */
    public function __construct(
        public int $id,
        public string $kind,
        public int $subjectId,
        public string $title,
        public string $state,
        public int $done,
        public ?int $total,
        public ?array $answer,
        public \DateTimeImmutable $askedAt,
        public ?\DateTimeImmutable $endedAt,
    ) {
    }
}
