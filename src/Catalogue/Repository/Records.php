<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Repository;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\RecordColumns;
use TinLantern\Catalogue\Search\SearchIndex;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Platform\Database\BulkInsert;

/**
 * The records: their MARC as lines of text, the columns derived from it, and what each was before it changed.
 */
final readonly class Records
{
    public function __construct(private Connection $connection, private ClockInterface $clock, private SearchIndex $index)
    {
    }

    /**
     * @param list<DescribedRecord> $records
     *
     * @return list<int> their ids, in the same order
     */
    public function add(array $records, string $by, Cause $cause, ?int $intakeId): array
    {
        if ([] === $records) {
            return [];
        }
        $rows = array_map(fn (DescribedRecord $record): array => $this->row($record, $by, $cause) + ['intake_id' => $intakeId], $records);
        $ids = $this->connection->fetchFirstColumn($this->insert($rows, 'RETURNING id'));

        return array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : throw new \LogicException('The database gave no id.'), $ids);
    }

    /** Writes a new record once more with the number it was given in it. It stays the first version. */
    public function number(int $id, DescribedRecord $record): void
    {
        $this->connection->update('record', ['marc' => $record->text()] + RecordColumns::of($record->brief), ['id' => $id]);
    }

    /**
     * Gives records another content. What they were is kept as a version.
     *
     * @param array<int, DescribedRecord> $records by id
     */
    public function change(array $records, string $by, Cause $cause): void
    {
        if ([] === $records) {
            return;
        }
        $this->connection->executeStatement(
            'INSERT INTO record_version (record_id, version, marc, made_at, made_by, cause) SELECT id, version, marc, changed_at, changed_by, cause FROM record WHERE id IN (:ids)',
            ['ids' => array_keys($records)],
            ['ids' => ArrayParameterType::INTEGER],
        );
        $rows = [];
        foreach ($records as $id => $record) {
            $rows[] = ['id' => $id] + $this->row($record, $by, $cause);
        }
        // What follows from the change says that others get something else now.
        $changing = array_diff(array_keys($rows[0]), ['id', 'created_at', 'shared_at']);
        $this->connection->executeStatement(
            $this->insert($rows, 'ON DUPLICATE KEY UPDATE version = version + 1, '.implode(', ', array_map(static fn (string $column): string => "{$column} = VALUES({$column})", $changing))),
        );
    }

    /**
     * Says that what others get of these records is another now, though their own content may not be.
     *
     * @param list<int> $ids
     */
    public function shareAnew(array $ids): void
    {
        $this->connection->executeStatement('UPDATE record SET shared_at = :now WHERE id IN (:ids)', ['now' => $this->now(), 'ids' => $ids], ['ids' => ArrayParameterType::INTEGER]);
    }

    /**
     * Takes records out of the catalogue. Their last content is kept, so that they can be brought back under the same number.
     *
     * @param list<int> $ids of records without items
     */
    public function remove(array $ids, string $by, Cause $cause, ?int $mergedInto = null): void
    {
        foreach (array_chunk($ids, 1000) as $chunk) {
            $this->connection->executeStatement(
                'REPLACE INTO removed_record (id, version, marc, created_at, removed_at, removed_by, cause, merged_into)
                 SELECT id, version, marc, created_at, :now, :by, :cause, :into FROM record WHERE id IN (:ids)',
                ['now' => $this->now(), 'by' => $by, 'cause' => $cause->value, 'into' => $mergedInto, 'ids' => $chunk],
                ['ids' => ArrayParameterType::INTEGER],
            );
            $this->index->remove($chunk);
            $this->connection->executeStatement('DELETE FROM record WHERE id IN (:ids)', ['ids' => $chunk], ['ids' => ArrayParameterType::INTEGER]);
        }
    }

    /** Brings a removed record back under its number, as it was. What is derived from it has to follow. */
    public function bringBack(int $id, string $by, Cause $cause): ?DescribedRecord
    {
        /** @var array{version: int, marc: string, created_at: string}|false $removed */
        $removed = $this->connection->fetchAssociative('SELECT version, marc, created_at FROM removed_record WHERE id = ? FOR UPDATE', [$id]);
        if (false === $removed || $this->exists($id)) {
            return null;
        }
        $described = DescribedRecord::of(LineText::parse($removed['marc']));
        $this->connection->insert('record', ['id' => $id, 'version' => $removed['version'], 'created_at' => $removed['created_at']] + $this->row($described, $by, $cause));
        $this->connection->delete('removed_record', ['id' => $id]);

        return $described;
    }

    /** How a record that was here has gone; null when there never was one, or it is here. */
    public function gone(int $id): ?GoneRecord
    {
        /** @var array{removed_at: string, removed_by: string, merged_into: int|null}|false $row */
        $row = $this->connection->fetchAssociative('SELECT removed_at, removed_by, merged_into FROM removed_record WHERE id = ?', [$id]);

        return false === $row ? null : new GoneRecord($row['removed_at'], $row['removed_by'], $row['merged_into']);
    }

    public function marc(int $id): ?MarcRecord
    {
        $text = $this->connection->fetchOne('SELECT marc FROM record WHERE id = ?', [$id]);

        return \is_string($text) ? LineText::parse($text) : null;
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, MarcRecord> by id, in the order of the ids
     */
    public function several(array $ids): array
    {
        $stored = $this->stored('SELECT id, version, marc, changed_at, changed_by, cause FROM record WHERE id IN (:ids)', $ids);
        $records = [];
        foreach ($ids as $id) {
            if (isset($stored[$id])) {
                $records[$id] = $stored[$id]->marc();
            }
        }

        return $records;
    }

    public function find(int $id): ?StoredRecord
    {
        return $this->stored('SELECT id, version, marc, changed_at, changed_by, cause FROM record WHERE id IN (:ids)', [$id])[$id] ?? null;
    }

    /**
     * Records as they are now, kept for this transaction alone.
     *
     * @param list<int> $ids
     *
     * @return array<int, StoredRecord> by id
     */
    public function lock(array $ids): array
    {
        sort($ids);

        return $this->stored('SELECT id, version, marc, changed_at, changed_by, cause FROM record WHERE id IN (:ids) ORDER BY id FOR UPDATE', $ids);
    }

    public function version(int $id, int $version): ?StoredRecord
    {
        return $this->stored('SELECT record_id, version, marc, made_at, made_by, cause FROM record_version WHERE record_id IN (:ids) AND version = :version', [$id], ['version' => $version])[$id] ?? null;
    }

    public function exists(int $id): bool
    {
        return false !== $this->connection->fetchOne('SELECT 1 FROM record WHERE id = ?', [$id]);
    }

    /**
     * All records in the order of their ids, a batch at a time.
     *
     * @return \Generator<int, array<int, MarcRecord>> by id
     */
    public function all(int $batch = 500): \Generator
    {
        $last = 0;
        do {
            /** @var list<array{id: int, marc: string}> $rows */
            $rows = $this->connection->fetchAllAssociative('SELECT id, marc FROM record WHERE id > ? ORDER BY id LIMIT '.$batch, [$last]);
            $records = [];
            foreach ($rows as $row) {
                $records[$row['id']] = LineText::parse($row['marc']);
                $last = $row['id'];
            }
            if ([] !== $records) {
                yield $records;
            }
        } while (\count($rows) === $batch);
    }

    /**
     * The numbers of all records that were removed and are not here again.
     *
     * @return \Generator<int, non-empty-list<int>> a batch at a time
     */
    public function removed(int $batch = 1000): \Generator
    {
        $last = 0;
        do {
            /** @var list<int> $ids */
            $ids = $this->connection->fetchFirstColumn('SELECT id FROM removed_record WHERE id > ? AND id NOT IN (SELECT id FROM record) ORDER BY id LIMIT '.$batch, [$last]);
            if ([] !== $ids) {
                $last = $ids[\count($ids) - 1];
                yield $ids;
            }
        } while (\count($ids) === $batch);
    }

    /**
     * @param list<int> $ids
     *
     * @return array<int, Day> the days since when these records are in the catalogue
     */
    public function addedOn(array $ids): array
    {
        /** @var array<int, string> $days */
        $days = $this->connection->fetchAllKeyValue('SELECT id, DATE(created_at) FROM record WHERE id IN (:ids)', ['ids' => $ids], ['ids' => ArrayParameterType::INTEGER]);

        return array_map(Day::of(...), $days);
    }

    public function derive(int $id, BriefDescription $brief): void
    {
        $this->connection->update('record', RecordColumns::of($brief), ['id' => $id]);
    }

    /** @return array<string, string|int|null> by column */
    private function row(DescribedRecord $record, string $by, Cause $cause): array
    {
        return ['marc' => $record->text()] + RecordColumns::of($record->brief)
            + ['created_at' => $this->now(), 'changed_at' => $this->now(), 'shared_at' => $this->now(), 'changed_by' => mb_substr($by, 0, 120), 'cause' => $cause->value];
    }

    /** @param non-empty-list<array<string, string|int|null>> $rows */
    private function insert(array $rows, string $after): string
    {
        return BulkInsert::sql($this->connection, 'INSERT INTO record ('.implode(',', array_keys($rows[0])).')', array_map(array_values(...), $rows), $after);
    }

    /**
     * @param list<int>            $ids
     * @param array<string, mixed> $more
     *
     * @return array<int, StoredRecord> by id
     */
    private function stored(string $sql, array $ids, array $more = []): array
    {
        $stored = [];
        if ([] !== $ids) {
            /** @var array{int, int, string, string, string, string} $row */
            foreach ($this->connection->iterateNumeric($sql, ['ids' => $ids] + $more, ['ids' => ArrayParameterType::INTEGER]) as $row) {
                $stored[$row[0]] = new StoredRecord(...$row);
            }
        }

        return $stored;
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s');
    }
}
