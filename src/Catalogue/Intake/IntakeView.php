<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Platform\Background\TaskView;

/**
 * A file of records, how it was chosen to be treated, and what has become of it.
 */
final readonly class IntakeView
{
    /**
     * @param string                $state        received, comparing, compared, taking-in, taken-in, taking-back, taken-back, put-away
     * @param list<string>          $headings     of a spreadsheet
     * @param array<string, string> $columns      what they mean: a target by heading
     * @param int                   $comeSince    how many titles have come into the catalogue since it was compared, while it waits to be taken in
     * @param int|null              $before       the intake with which the same file was taken in before
     * @param list<string>          $unknownCodes a sentence for each code that the house does not know
     * @param list<LeftRecord>      $left         what taking it back has left
     */
    public function __construct(
        public int $id,
        public string $file,
        public string $format,
        public string $state,
        public string $staff,
        public \DateTimeImmutable $begunAt,
        public ?\DateTimeImmutable $comparedAt,
        public ?\DateTimeImmutable $endedAt,
        public IntakeChoices $choices,
        public array $headings,
        public array $columns,
        public IntakeCounts $counts,
        public int $comeSince,
        public ?int $before,
        public array $unknownCodes,
        public array $left,
        public ?TaskView $task,
    ) {
    }
}
