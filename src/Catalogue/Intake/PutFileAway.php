<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;

/**
 * Puts away a file that nobody wants, also while it is being compared; or takes it up again. Nothing in the catalogue changes.
 */
final readonly class PutFileAway
{
    public function __construct(private Transaction $transaction, private Intakes $intakes, private Journal $journal, private IntakePage $page)
    {
    }

    public function __invoke(int $intakeId, string $actId, Actor $actor): IntakeView
    {
        return $this->transaction->once($actId, (object) ['putAway' => $intakeId], IntakeView::class, function () use ($intakeId, $actor): IntakeView {
            if (!$this->intakes->get($intakeId)->is(IntakeState::Received, IntakeState::Comparing, IntakeState::Compared)) {
                throw new Conflict('nothing-to-put-away', 'This file has gone in, or was put away before. What has gone in is taken back, not put away.');
            }
            // Whoever is comparing it finds at the next batch that this is over.
            $this->intakes->reach($intakeId, IntakeState::PutAway, IntakeState::Received, IntakeState::Comparing, IntakeState::Compared);
            $this->journal->tell($actor, 'file-put-away', Subject::Intake, $intakeId, null, null);

            return $this->page->of($intakeId);
        });
    }

    public function takeUpAgain(int $intakeId, string $actId, Actor $actor): IntakeView
    {
        return $this->transaction->once($actId, (object) ['takeUp' => $intakeId], IntakeView::class, function () use ($intakeId, $actor): IntakeView {
            $intake = $this->intakes->get($intakeId);
            if (!$intake->is(IntakeState::PutAway)) {
                throw new Conflict('not-put-away', 'This file is not put away, so there is nothing to take up again.');
            }
            $this->intakes->reach($intakeId, $intake->isCompared ? IntakeState::Compared : IntakeState::Received, IntakeState::PutAway);
            $this->journal->tell($actor, 'file-taken-up', Subject::Intake, $intakeId, null, null);

            return $this->page->of($intakeId);
        });
    }
}
