<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\Connection;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;

/**
 * Chooses for one record of a file something else than for the others; or nothing else any more.
 */
final readonly class ChooseForRecord
{
    public function __construct(private Transaction $transaction, private Connection $connection, private Intakes $intakes, private IntakeRecordPage $page)
    {
    }

    public function __invoke(int $intakeId, int $place, RecordChoice $choice): IntakeRecordView
    {
        return $this->transaction->once($choice->id, (object) ['intake' => $intakeId, 'place' => $place, 'choice' => $choice], IntakeRecordView::class, function () use ($intakeId, $place, $choice): IntakeRecordView {
            if (!$this->intakes->get($intakeId)->is(IntakeState::Compared)) {
                throw new Conflict('not-compared', 'This file is not waiting to be taken in, so nothing can be chosen for its records.');
            }
            $this->connection->update('intake_record', ['choice' => $choice->choice], ['intake_id' => $intakeId, 'place' => $place]);

            return $this->page->of($intakeId, $place);
        });
    }
}
