<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Platform\Actor;
use TinLantern\Platform\Background\BackgroundTasks;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\Invalid;

/**
 * Asks for a file to be compared, taken in or taken back in the background. Work that came to a halt goes on where it was.
 */
final readonly class AskForWork
{
    public function __construct(private Transaction $transaction, private Intakes $intakes, private IntakeOptionsOf $optionsOf, private BackgroundTasks $tasks, private IntakePage $page)
    {
    }

    public function compare(int $intakeId, IntakeChoices $choices, Actor $actor): IntakeView
    {
        return $this->transaction->once($choices->id, (object) ['compare' => $intakeId, 'choices' => $choices], IntakeView::class, function () use ($intakeId, $choices, $actor): IntakeView {
            $intake = $this->intakes->get($intakeId);
            if (!$intake->is(IntakeState::Comparing)) {
                $this->beginAnew($intake, ($this->optionsOf)($choices));
            }
            $this->tasks->ask(CompareWork::kind(), $intakeId, $intake->fileName, $actor);

            return $this->page->of($intakeId);
        });
    }

    public function takeIn(int $intakeId, IntakeChoices $choices, Actor $actor): IntakeView
    {
        return $this->transaction->once($choices->id, (object) ['takeIn' => $intakeId, 'choices' => $choices], IntakeView::class, function () use ($intakeId, $choices, $actor): IntakeView {
            $intake = $this->intakes->get($intakeId);
            if ($intake->is(IntakeState::Received)) {
                // Nobody wants to look between: it is compared and goes in batch by batch.
                $this->beginAnew($intake, ($this->optionsOf)($choices));
            } elseif (!$intake->is(IntakeState::TakingIn)) {
                // What was compared stays as it was compared; only what becomes of it is chosen now.
                $this->intakes->choose($intakeId, $intake->options->choosing(($this->optionsOf)($choices)), IntakeState::Compared);
            }
            $this->tasks->ask(TakeInWork::kind(), $intakeId, $intake->fileName, $actor);

            return $this->page->of($intakeId);
        });
    }

    public function takeBack(int $intakeId, string $actId, Actor $actor): IntakeView
    {
        return $this->transaction->once($actId, (object) ['takeBack' => $intakeId], IntakeView::class, function () use ($intakeId, $actor): IntakeView {
            $intake = $this->intakes->get($intakeId);
            if ($intake->is(IntakeState::TakingIn)) {
                // Whoever is taking it in finds at the next batch that this is over.
                $this->intakes->reach($intakeId, IntakeState::TakingBack, IntakeState::TakingIn);
            } elseif (!$intake->is(IntakeState::TakenIn, IntakeState::TakingBack)) {
                throw new Conflict('nothing-to-take-back', 'This file is not taken in, so there is nothing to take back.');
            }
            $this->tasks->ask(TakeBackWork::kind(), $intakeId, $intake->fileName, $actor);

            return $this->page->of($intakeId);
        });
    }

    private function beginAnew(BegunIntake $intake, IntakeOptions $options): void
    {
        if (null === $intake->path || !$this->intakes->isUnchanged($intake->id, $intake->path)) {
            throw new Conflict('file-gone', 'The file itself is not there any more as it was. Send it again, and it is compared as a new one.');
        }
        self::checkColumns($intake->path, $intake, $options);
        $this->intakes->beginAnew($intake->id, $options);
    }

    private static function checkColumns(string $path, BegunIntake $intake, IntakeOptions $options): void
    {
        if ($intake->format->isSheet()) {
            try {
                RecordFile::open($path, $intake->fileName, $options->columnMapping())->mapping();
            } catch (NotARecordFile $wrong) {
                throw new Invalid(['columns' => $wrong->getMessage()]);
            }
        }
    }
}
