<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;

/**
 * Takes in what was compared, as was chosen for the file and for single records.
 *
 * A batch at a time, each in one transaction with the note of how far it has come: killed at any moment and run again, it goes on
 * behind the last batch.
 */
final readonly class TakeInCompared
{
    public function __construct(
        private Transaction $transaction,
        private Intakes $intakes,
        private StagedRecords $staged,
        private ReadAhead $readAhead,
        private TakeInBatch $takeIn,
        private EndTakingIn $end,
    ) {
    }

    /** @param (\Closure(int): void)|null $progress told up to which place of the file records are in, after each batch */
    public function __invoke(BegunIntake $intake, Actor $actor, ?\Closure $progress = null): void
    {
        $done = $intake->doneTo;
        foreach ($this->batches($intake) as $to => $batch) {
            $this->transaction->run(function () use ($intake, $batch, $done, $to, $actor): void {
                $this->intakes->goOnTakingIn($intake->id, $done, $to);
                ($this->takeIn)($intake, $batch, $actor);
            });
            $done = $to;
            if (null !== $progress) {
                $progress($done);
            }
        }
        ($this->end)($intake->id, $actor);
    }

    /**
     * From the file, where it is still there as it was: a second process reads it ahead. Otherwise as they were staged.
     *
     * @return \Generator<int, list<StagedRecord>> by the place of the last record
     */
    private function batches(BegunIntake $intake): \Generator
    {
        if (null === $intake->path || !$this->intakes->isUnchanged($intake->id, $intake->path)) {
            yield from $this->staged->behind($intake);

            return;
        }
        $file = RecordFile::open($intake->path, $intake->fileName, $intake->options->columnMapping());
        foreach ($this->readAhead->batches($file, $intake->options, $intake->doneTo) as $batch) {
            yield $batch->end() => $this->staged->chosen($intake, $batch);
        }
    }
}
