<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Core\Marc\LineText;
use TinLantern\Platform\Database\BulkInsert;
use TinLantern\Platform\Json;

/**
 * Reads compared records with what was chosen for them, and writes down what became of each.
 */
final readonly class StagedRecords
{
    private const BATCH = 500;

    public function __construct(private Connection $connection)
    {
    }

    /**
     * The records behind those that are in, as they were staged; broken and unfit ones are passed over.
     *
     * @return \Generator<int, list<StagedRecord>> a batch at a time, by the place of its last record
     */
    public function behind(BegunIntake $intake): \Generator
    {
        $place = $intake->doneTo;
        do {
            /** @var list<array{place: int, kind: string, marc: string|null, match_id: int|null, same_as: int|null, choice: string|null}> $rows */
            $rows = $this->connection->fetchAllAssociative(
                'SELECT place, kind, marc, match_id, same_as, choice FROM intake_record WHERE intake_id = ? AND place > ? ORDER BY place LIMIT '.self::BATCH,
                [$intake->id, $place],
            );
            $staged = [];
            foreach ($rows as $row) {
                $place = $row['place'];
                if (null !== $row['marc'] && ComparedKind::Unfit->value !== $row['kind']) {
                    $staged[] = self::one($row, PreparedRecord::of(LineText::parse($row['marc']), $intake->options), $intake->options);
                }
            }
            if ([] !== $rows) {
                yield $place => $staged;
            }
        } while ([] !== $rows);
    }

    /**
     * Records as the file has them, with what was found and chosen for them; broken and unfit ones are passed over.
     *
     * @return list<StagedRecord>
     */
    public function chosen(BegunIntake $intake, ReadBatch $batch): array
    {
        $staged = [];
        /** @var list<array{place: int, kind: string, match_id: int|null, same_as: int|null, choice: string|null}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT place, kind, match_id, same_as, choice FROM intake_record WHERE intake_id = ? AND place BETWEEN ? AND ? ORDER BY place',
            [$intake->id, array_key_first($batch->records), $batch->end()],
        );
        foreach ($rows as $row) {
            $record = $batch->records[$row['place']];
            if ($record instanceof PreparedRecord && ComparedKind::Unfit->value !== $row['kind']) {
                $staged[] = self::one($row, $record, $intake->options);
            }
        }

        return $staged;
    }

    /**
     * The records that earlier places of the file became or went to.
     *
     * @param list<int> $places
     *
     * @return array<int, int> record id by place
     */
    public function recordsAt(int $intakeId, array $places): array
    {
        /** @var array<int, int> */
        return [] === $places ? [] : $this->connection->fetchAllKeyValue(
            'SELECT place, record_id FROM intake_outcome WHERE intake_id = :intake AND place IN (:places) AND record_id IS NOT NULL',
            ['intake' => $intakeId, 'places' => $places],
            ['places' => ArrayParameterType::INTEGER],
        );
    }

    /** @param list<StagedRecord> $records */
    public function writeOutcomes(int $intakeId, array $records): void
    {
        $rows = [];
        foreach ($records as $record) {
            $rows[] = [$intakeId, $record->place, $record->outcome->value, $record->recordId, $record->versionMade, [] === $record->told ? null : Json::encode($record->told)];
        }
        BulkInsert::run($this->connection, 'INSERT INTO intake_outcome (intake_id, place, outcome, record_id, version_made, told)', $rows);
    }

    /**
     * Records that were compared a moment ago; broken and unfit ones are left out.
     *
     * @param list<ComparedRecord> $compared
     *
     * @return list<StagedRecord>
     */
    public static function of(ReadBatch $batch, array $compared, IntakeOptions $options): array
    {
        $staged = [];
        foreach ($compared as $one) {
            $record = $batch->records[$one->place];
            if ($record instanceof PreparedRecord && ComparedKind::Unfit !== $one->kind) {
                $target = null === $one->sameAs ? $one->match?->id : -$one->sameAs;
                $staged[] = new StagedRecord($one->place, $record->described, $record->items, self::outcome($one->kind, null, $options), $target);
            }
        }

        return $staged;
    }

    /** @param array{place: int, kind: string, match_id: int|null, same_as: int|null, choice: string|null, ...} $row */
    private static function one(array $row, PreparedRecord $record, IntakeOptions $options): StagedRecord
    {
        return new StagedRecord($row['place'], $record->described, $record->items, self::outcome(ComparedKind::from($row['kind']), $row['choice'], $options), null === $row['same_as'] ? $row['match_id'] : -$row['same_as']);
    }

    private static function outcome(ComparedKind $kind, ?string $choice, IntakeOptions $options): Outcome
    {
        $chosen = null === $choice ? null : OnMatch::tryFrom($choice);

        return match (true) {
            null !== $chosen => Outcome::of($chosen),
            'add' === $choice => Outcome::Added,
            ComparedKind::Fresh === $kind => OnNew::Add === $options->onNew ? Outcome::Added : Outcome::Skipped,
            default => Outcome::of($options->onMatch),
        };
    }
}
