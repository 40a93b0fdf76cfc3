<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\RecordItems;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Repository\StoredRecord;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;

/**
 * Puts everything back as it was before a file was taken in: added records and items go, replaced records are again what they were,
 * byte for byte. What was lent or edited since is left as it is, and listed.
 *
 * A batch of records at a time; what was put back has lost its mark in the outcomes, so a killed one goes on with the rest.
 */
final readonly class TakeBackIntake
{
    private const BATCH = 500;

    public function __construct(
        private Transaction $transaction,
        private Connection $connection,
        private Intakes $intakes,
        private Records $records,
        private RecordItems $items,
        private Derived $derived,
        private Journal $journal,
        private IntakeReports $reports,
    ) {
    }

    /** @param (\Closure(int): void)|null $progress told how many records were dealt with, after each batch */
    public function __invoke(int $intakeId, Actor $actor, ?\Closure $progress = null): TakenBackReport
    {
        $intake = $this->intakes->get($intakeId);
        if ($intake->is(IntakeState::TakenBack)) {
            throw new Conflict('already-taken-back', \sprintf('Intake %d was taken back already.', $intakeId));
        }
        if (!$intake->is(IntakeState::TakenIn, IntakeState::TakingIn, IntakeState::TakingBack)) {
            throw new Conflict('nothing-to-take-back', \sprintf('Intake %d was only compared, so there is nothing to take back.', $intakeId));
        }
        if (!$intake->is(IntakeState::TakingBack)) {
            $this->transaction->run(fn () => $this->intakes->reach($intakeId, IntakeState::TakingBack, IntakeState::TakenIn, IntakeState::TakingIn));
        }
        $last = 0;
        $dealtWith = 0;
        while ([] !== $touched = $this->touched($intakeId, $last)) {
            $this->transaction->run(fn () => $this->putBack($intakeId, $touched, $actor));
            $last = (int) array_key_last($touched);
            $dealtWith += \count($touched);
            if (null !== $progress) {
                $progress($dealtWith);
            }
        }

        return $this->transaction->run(function () use ($intakeId, $actor): TakenBackReport {
            $this->intakes->reach($intakeId, IntakeState::TakenBack, IntakeState::TakingBack);
            $report = $this->report($intakeId);
            $this->journal->tell($actor, 'file-taken-back', Subject::Intake, $intakeId, null, ['removed' => $report->removed, 'restored' => $report->restored, 'left' => \count($report->left)]);

            return $report;
        });
    }

    public function report(int $intakeId): TakenBackReport
    {
        $counts = $this->connection->fetchAllKeyValue('SELECT outcome, COUNT(DISTINCT record_id) FROM intake_outcome WHERE intake_id = ? GROUP BY outcome', [$intakeId]);
        $number = static fn (string $outcome): int => is_numeric($counts[$outcome] ?? null) ? (int) $counts[$outcome] : 0;

        return new TakenBackReport($intakeId, $number('removed'), $number('restored'), $this->reports->left($intakeId));
    }

    /**
     * The next records that the intake has touched and that were not dealt with: whether it added them, and which versions it made.
     *
     * @return array<int, array{first: int|null, last: int|null, is_added: int}> by record id
     */
    private function touched(int $intakeId, int $behind): array
    {
        $touched = [];
        /** @var list<array{record_id: int, first: int|null, last: int|null, is_added: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT record_id, MIN(version_made) AS first, MAX(version_made) AS last, MAX(outcome = 'added') AS is_added FROM intake_outcome
             WHERE intake_id = ? AND record_id > ? AND outcome IN ('added', 'replaced', 'merged', 'items') AND left_because IS NULL GROUP BY record_id ORDER BY record_id LIMIT ".self::BATCH,
            [$intakeId, $behind],
        );
        foreach ($rows as $row) {
            $touched[$row['record_id']] = ['first' => $row['first'], 'last' => $row['last'], 'is_added' => (int) $row['is_added']];
        }

        return $touched;
    }

    /** @param array<int, array{first: int|null, last: int|null, is_added: int}> $touched */
    private function putBack(int $intakeId, array $touched, Actor $actor): void
    {
        $now = $this->records->lock(array_keys($touched));
        $left = $this->items->takeBack($intakeId, array_keys($now));
        $removed = $restored = $reasons = $followed = [];
        foreach ($touched as $id => $made) {
            $record = $now[$id] ?? null;
            $items = $left[$id] ?? [];
            $isEdited = null !== $record && null !== $made['last'] && $record->version !== $made['last'];
            if (null === $record) {
                $reasons[$id] = 'it was removed since';
            } elseif ($isEdited) {
                $reasons[$id] = 'it was edited since';
            } elseif (1 === $made['is_added'] && [] !== $items) {
                $reasons[$id] = \sprintf('its items %s were lent, changed or added since', implode(', ', \array_slice($items, 0, 5)));
            } elseif (1 === $made['is_added']) {
                $removed[] = $id;
            } else {
                $restored[$id] = $this->before($record, $made['first']);
            }
            if (null !== $record && isset($reasons[$id])) {
                $followed[$id] = DescribedRecord::of($record->marc());
            }
        }
        $this->records->remove($removed, $actor->name, Cause::TakenBack);
        $changed = array_filter($restored, static fn (?DescribedRecord $record): bool => null !== $record);
        $this->records->change($changed, $actor->name, Cause::TakenBack);
        foreach ($restored as $id => $record) {
            $followed[$id] = $record ?? DescribedRecord::of($now[$id]->marc());
        }
        $this->derived->follow($followed);
        $this->mark($intakeId, 'removed', $removed);
        $this->mark($intakeId, 'restored', array_keys($restored));
        foreach ($reasons as $id => $reason) {
            $this->connection->update('intake_outcome', ['left_because' => $reason], ['intake_id' => $intakeId, 'record_id' => $id]);
        }
    }

    /** What the record was before the intake first changed it; null where only items were added. */
    private function before(StoredRecord $record, ?int $firstMade): ?DescribedRecord
    {
        if (null === $firstMade) {
            return null;
        }
        $version = $this->records->version($record->id, $firstMade - 1) ?? throw new \LogicException("Record {$record->id} has no version ".($firstMade - 1).'.');

        return DescribedRecord::of($version->marc());
    }

    /** @param list<int> $ids */
    private function mark(int $intakeId, string $outcome, array $ids): void
    {
        if ([] !== $ids) {
            $this->connection->executeStatement('UPDATE intake_outcome SET outcome = :outcome WHERE intake_id = :intake AND record_id IN (:ids)', ['outcome' => $outcome, 'intake' => $intakeId, 'ids' => $ids], ['ids' => ArrayParameterType::INTEGER]);
        }
    }
}
