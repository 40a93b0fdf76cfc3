<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\LineText;
use TinLantern\Platform\Database\BulkInsert;
use TinLantern\Platform\Json;

/**
 * Reads compared records with what was chosen for them, and writes down what became of each.
 */
final readonly class StagedRecords
{
    public function __construct(private Connection $connection)
    {
    }

    /**
     * The next records behind a place of the file, by their places; broken and unfit ones are passed over, with null.
     *
     * @return array<int, StagedRecord|null>
     */
    public function next(BegunIntake $intake, int $behind, int $limit): array
    {
        $staged = [];
        /** @var list<array{place: int, kind: string, marc: string|null, match_id: int|null, same_as: int|null, choice: string|null}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT place, kind, marc, match_id, same_as, choice FROM intake_record WHERE intake_id = ? AND place > ? ORDER BY place LIMIT '.$limit,
            [$intake->id, $behind],
        );
        foreach ($rows as $row) {
            $staged[$row['place']] = null === $row['marc'] ? null : self::one($row['place'], ComparedKind::from($row['kind']), $row['marc'], $row['match_id'], $row['same_as'], $row['choice'], $intake->options);
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
                $staged[] = new StagedRecord($one->place, $record->described, $record->parts->items, $record->parts->remarks, self::outcome($one->kind, null, $options), $target);
            }
        }

        return $staged;
    }

    private static function one(int $place, ComparedKind $kind, string $marc, ?int $matchId, ?int $sameAs, ?string $choice, IntakeOptions $options): ?StagedRecord
    {
        if (ComparedKind::Unfit === $kind) {
            return null;
        }
        $parts = ItemFields::part(LineText::parse($marc), $options->mapping);

        return new StagedRecord($place, DescribedRecord::of($parts->record), $parts->items, $parts->remarks, self::outcome($kind, $choice, $options), null === $sameAs ? $matchId : -$sameAs);
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
