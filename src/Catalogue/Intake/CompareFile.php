<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Matching\MatchRules;
use TinLantern\Platform\Database\Transaction;

/**
 * Reads a file and compares each record with the catalogue, and with those before it in the file. Nothing in the catalogue changes.
 *
 * A batch at a time, each in one transaction with the note of how far it has come: killed at any moment and run again, it goes on
 * behind the last batch.
 */
final readonly class CompareFile
{
    public function __construct(
        private Transaction $transaction,
        private Intakes $intakes,
        private ComparedRecords $compared,
        private CompareBatch $compare,
        private MatchRules $rules,
        private ReadAhead $readAhead,
    ) {
    }

    /** @param (\Closure(int): void)|null $progress told how many records were read, after each batch */
    public function __invoke(BegunIntake $intake, RecordFile $file, ?\Closure $progress = null): void
    {
        $this->compared->forgetBehind($intake);
        $rule = $this->rules->get($intake->options->matchRule);
        $from = $intake->recordsRead;
        foreach ($this->readAhead->batches($file, $intake->options, $intake->recordsRead, onlyToCompare: true) as $batch) {
            $this->transaction->run(function () use ($intake, $rule, $batch, $from): void {
                $this->intakes->goOnComparing($intake->id, $from, $batch->end());
                ($this->compare)($intake->id, $rule, $batch);
            });
            $from = $batch->end();
            if (null !== $progress) {
                $progress($from);
            }
        }
        $this->transaction->run(fn () => $this->intakes->reach($intake->id, IntakeState::Compared, IntakeState::Comparing));
        $this->compared->forgetKeys($intake->id);
    }
}
