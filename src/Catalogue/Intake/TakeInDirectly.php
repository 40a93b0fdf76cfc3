<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Matching\MatchRules;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;

/**
 * Compares a file and takes it in, batch by batch, where nobody wants to look between: each record is read
 * and described once.
 *
 * What was found and what became of each record is kept as if it had been done in two rounds; killed at any moment and run again, it goes
 * on behind the last batch.
 */
final readonly class TakeInDirectly
{
    public function __construct(
        private Transaction $transaction,
        private Intakes $intakes,
        private ComparedRecords $compared,
        private CompareBatch $compare,
        private TakeInBatch $takeIn,
        private EndTakingIn $end,
        private MatchRules $rules,
        private ReadAhead $readAhead,
    ) {
    }

    /** @param (\Closure(int): void)|null $progress told up to which place of the file records are in, after each batch */
    public function __invoke(BegunIntake $intake, RecordFile $file, Actor $actor, ?\Closure $progress = null): void
    {
        $this->compared->forgetBehind($intake);
        $rule = $this->rules->get($intake->options->matchRule);
        $from = $intake->doneTo;
        foreach ($this->readAhead->batches($file, $intake->options, $intake->doneTo) as $batch) {
            $this->transaction->run(function () use ($intake, $rule, $batch, $from, $actor): void {
                $this->intakes->goOnDirectly($intake->id, $from, $batch->end());
                $compared = ($this->compare)($intake->id, $rule, $batch);
                ($this->takeIn)($intake, StagedRecords::of($batch, $compared, $intake->options), $actor);
            });
            $from = $batch->end();
            if (null !== $progress) {
                $progress($from);
            }
        }
        $this->transaction->run(fn () => $this->intakes->reach($intake->id, IntakeState::Compared, IntakeState::Comparing, IntakeState::TakingIn));
        $this->compared->forgetKeys($intake->id);
        ($this->end)($intake->id, $actor);
    }
}
