<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;

/**
 * The whole file is in: the intake and the journal say so.
 */
final readonly class EndTakingIn
{
    public function __construct(private Transaction $transaction, private Intakes $intakes, private IntakeReports $reports, private Journal $journal)
    {
    }

    public function __invoke(int $intakeId, Actor $actor): void
    {
        $this->transaction->run(function () use ($intakeId, $actor): void {
            $this->intakes->reach($intakeId, IntakeState::TakenIn, IntakeState::Compared, IntakeState::TakingIn);
            $this->journal->tell($actor, 'file-taken-in', Subject::Intake, $intakeId, null, $this->reports->counts($intakeId)->told());
        });
    }
}
