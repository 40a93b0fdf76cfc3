<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What became of a file: counts, and a sentence about each record that needs one.
 */
final readonly class IntakeReport
{
    /**
     * @param list<IntakeProblem> $problems
     * @param list<string>        $unknownCodes a sentence for each code that the house does not know
     */
    public function __construct(
        public int $intake,
        public string $file,
        public string $state,
        public int $read,
        public int $new,
        public int $matched,
        public int $again,
        public int $failed,
        public int $added,
        public int $replaced,
        public int $merged,
        public int $itemsOnly,
        public int $skipped,
        public int $items,
        public array $problems,
        public int $problemsNotListed,
        public array $unknownCodes,
    ) {
    }

    /** Of a file that was taken in before: nothing has happened now. */
    public static function before(BegunIntake $intake): self
    {
        $sentence = \sprintf('This file was taken in before, as intake %d on %s, so nothing was added. Take it in once more with --again.', $intake->id, $intake->begunAt);

        return new self($intake->id, $intake->fileName, $intake->state->value, $intake->recordsRead, 0, 0, 0, 0, 0, 0, 0, 0, $intake->recordsRead, 0, [new IntakeProblem(0, 'skipped', $sentence)], 0, []);
    }
}
