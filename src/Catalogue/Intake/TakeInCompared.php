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
    private const BATCH = 500;

    public function __construct(
        private Transaction $transaction,
        private Intakes $intakes,
        private StagedRecords $staged,
        private TakeInBatch $takeIn,
        private EndTakingIn $end,
    ) {
    }

    /** @param (\Closure(int): void)|null $progress told up to which place of the file records are in, after each batch */
    public function __invoke(BegunIntake $intake, Actor $actor, ?\Closure $progress = null): void
    {
        $done = $intake->doneTo;
        while ([] !== $batch = $this->staged->next($intake, $done, self::BATCH)) {
            $to = (int) array_key_last($batch);
            $this->transaction->run(function () use ($intake, $batch, $done, $to, $actor): void {
                $this->intakes->goOnTakingIn($intake->id, $done, $to);
                ($this->takeIn)($intake, array_values(array_filter($batch)), $actor);
            });
            $done = $to;
            if (null !== $progress) {
                $progress($done);
            }
        }
        ($this->end)($intake->id, $actor);
    }
}
