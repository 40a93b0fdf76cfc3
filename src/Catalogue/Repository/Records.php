<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Repository;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Catalogue\RecordColumns;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;

/**
 * The records: their MARC as lines of text, and the columns derived from it.
 */
final readonly class Records
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /**
     * @param list<MarcRecord>       $records
     * @param list<BriefDescription> $briefs  of the same records
     *
     * @return list<int> their ids, in the same order
     */
    public function add(array $records, array $briefs, ?int $intakeId): array
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s');
        $values = [];
        $columns = [];
        foreach ($records as $index => $record) {
            $row = ['marc' => LineText::write($record)] + RecordColumns::of($briefs[$index]) + ['intake_id' => $intakeId, 'created_at' => $now, 'changed_at' => $now];
            $columns = array_keys($row);
            array_push($values, ...array_values($row));
        }
        if ([] === $columns) {
            return [];
        }
        $marks = '('.implode(',', array_fill(0, \count($columns), '?')).')';
        $ids = $this->connection->fetchFirstColumn(
            'INSERT INTO record ('.implode(',', $columns).') VALUES '.implode(',', array_fill(0, \count($records), $marks)).' RETURNING id',
            $values,
        );

        return array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : throw new \LogicException('The database gave no id.'), $ids);
    }

    public function marc(int $id): ?MarcRecord
    {
        $text = $this->connection->fetchOne('SELECT marc FROM record WHERE id = ?', [$id]);

        return \is_string($text) ? LineText::parse($text) : null;
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

    public function derive(int $id, BriefDescription $brief): void
    {
        $this->connection->update('record', RecordColumns::of($brief), ['id' => $id]);
    }
}
