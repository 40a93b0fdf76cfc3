<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What became of a file, while it is read and at the end.
 */
final class IntakeReport
{
    private const LISTED = 10_000;

    /** How far the database knows it has come. */
    public int $noted = 0;
    public int $read = 0;
    public int $added = 0;
    public int $skipped = 0;
    public int $failed = 0;
    public int $items = 0;
    /** @var list<IntakeProblem> */
    public array $problems = [];
    public int $problemsNotListed = 0;
    /** @var list<string> a sentence for each code that the house does not know */
    public array $unknownCodes = [];

    public function __construct(public int $intake, public string $file)
    {
    }

    public function tell(int $record, string $kind, string $sentence): void
    {
        if (\count($this->problems) < self::LISTED) {
            $this->problems[] = new IntakeProblem($record, $kind, $sentence);
        } else {
            ++$this->problemsNotListed;
        }
    }

    /** @param array<string, string> $sentences by code */
    public function tellOfCodes(array $sentences): void
    {
        $this->unknownCodes = array_values(array_unique([...$this->unknownCodes, ...array_values($sentences)]));
    }
}
