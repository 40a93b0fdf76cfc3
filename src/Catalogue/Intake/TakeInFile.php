<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Platform\Actor;

/**
 * Reads, compares and takes in a file of records in one go; or only reads and compares it. A file that was taken in completely is
 * not taken in again unless asked for.
 */
final readonly class TakeInFile
{
    public function __construct(private Intakes $intakes, private CompareFile $compare, private TakeInCompared $takeIn, private TakeInDirectly $directly, private IntakeReports $reports)
    {
    }

    /** @param (\Closure(string, int): void)|null $progress told what was done up to which record */
    public function __invoke(RecordFile $file, IntakeOptions $options, Actor $actor, ?\Closure $progress = null, bool $compareOnly = false): IntakeReport
    {
        $intake = $this->intakes->begin($file, $options, $actor);
        if ($intake->is(IntakeState::TakenIn)) {
            return IntakeReport::before($intake);
        }
        if (!$compareOnly && $intake->goesDirectly()) {
            ($this->directly)($intake, $file, $actor, null === $progress ? null : static fn (int $done) => $progress('taken in', $done));

            return $this->reports->of($intake->id);
        }
        if ($compareOnly && $intake->is(IntakeState::Compared)) {
            // The catalogue may be another by now.
            $this->intakes->beginAnew($intake->id, $options);
            $intake = $this->intakes->get($intake->id);
        }
        if ($intake->is(IntakeState::Comparing)) {
            ($this->compare)($intake, $file, null === $progress ? null : static fn (int $read) => $progress('compared', $read));
        }
        if (!$compareOnly) {
            ($this->takeIn)($this->intakes->get($intake->id), $actor, null === $progress ? null : static fn (int $done) => $progress('taken in', $done));
        }

        return $this->reports->of($intake->id);
    }
}
