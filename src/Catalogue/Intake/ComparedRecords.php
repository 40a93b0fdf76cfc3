<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\Matching\MatchKeys;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Matching\MatchFacts;
use TinLantern\Platform\Database\BulkInsert;

/**
 * The records of files as they were compared, kept until they are taken in and taken back.
 */
final readonly class ComparedRecords
{
    private const COLUMNS = ['intake_id', 'place', 'kind', 'title', 'marc', 'raw', 'problem', 'match_id', 'matched_on', 'likeness', 'same_as'];
    private const LONGEST_RAW = 200_000;

    public function __construct(private Connection $connection)
    {
    }

    /** @param list<ComparedRecord> $records */
    public function keep(int $intakeId, array $records): void
    {
        $rows = [];
        foreach ($records as $record) {
            $rows[] = [
                $intakeId,
                $record->place,
                $record->kind->value,
                mb_substr($record->title, 0, 300),
                $record->marc,
                null === $record->raw ? null : substr($record->raw, 0, self::LONGEST_RAW),
                mb_substr($record->problem, 0, 1000),
                null === $record->sameAs ? $record->match?->id : null,
                $record->match?->on->value,
                $record->match?->likeness->score,
                $record->sameAs,
            ];
        }
        BulkInsert::run($this->connection, 'INSERT INTO intake_record ('.implode(',', self::COLUMNS).')', $rows);
    }

    /** @param array<string, int> $places of records that are new, by key */
    public function keepKeys(int $intakeId, array $places): void
    {
        $rows = [];
        foreach ($places as $key => $place) {
            $rows[] = [$intakeId, (string) $key, $place];
        }
        BulkInsert::run($this->connection, 'INSERT IGNORE INTO intake_key (intake_id, value, place)', $rows);
    }

    /** What stands behind the place to which a file was compared is left from comparing it in another way. */
    public function forgetBehind(BegunIntake $intake): void
    {
        do {
            $gone = $this->connection->executeStatement('DELETE FROM intake_record WHERE intake_id = ? AND place > ? LIMIT 5000', [$intake->id, $intake->recordsRead]);
        } while ($gone > 0);
        if (0 === $intake->recordsRead) {
            $this->forgetKeys($intake->id);
        }
    }

    public function forgetKeys(int $intakeId): void
    {
        do {
            $gone = $this->connection->executeStatement('DELETE FROM intake_key WHERE intake_id = ? LIMIT 20000', [$intakeId]);
        } while ($gone > 0);
    }

    /**
     * Where the file had one of these keys first.
     *
     * @param list<string> $keys
     *
     * @return array<string, int> place by key
     */
    public function placesOf(int $intakeId, array $keys): array
    {
        $places = [];
        if ([] !== $keys) {
            $rows = $this->connection->iterateKeyValue('SELECT value, place FROM intake_key WHERE intake_id = :intake AND value IN (:keys)', ['intake' => $intakeId, 'keys' => $keys], ['keys' => ArrayParameterType::STRING]);
            /** @var string $key */
            foreach ($rows as $key => $place) {
                $places[$key] = is_numeric($place) ? (int) $place : 0;
            }
        }

        return $places;
    }

    /**
     * @param list<int> $places
     *
     * @return array<int, MatchFacts> by place
     */
    public function facts(int $intakeId, array $places): array
    {
        $facts = [];
        if ([] !== $places) {
            $rows = $this->connection->iterateKeyValue('SELECT place, marc FROM intake_record WHERE intake_id = :intake AND place IN (:places)', ['intake' => $intakeId, 'places' => $places], ['places' => ArrayParameterType::INTEGER]);
            /** @var int $place */
            foreach ($rows as $place => $marc) {
                $facts[$place] = MatchKeys::factsOf(LineText::parse(\is_string($marc) ? $marc : ''));
            }
        }

        return $facts;
    }
}
