<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Core\Marc\Heading;
use TinLantern\Platform\Database\BulkInsert;

/**
 * The headings of all records, derived from them: what is offered while somebody types one, and gone through when browsing.
 */
final readonly class Headings
{
    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param array<int, list<Heading>> $records their headings by record id
     * @param bool                      $areNew  whether the records had no headings before
     */
    public function put(array $records, bool $areNew): void
    {
        if (!$areNew && [] !== $records) {
            $this->connection->executeStatement('DELETE FROM record_heading WHERE record_id IN (:ids)', ['ids' => array_keys($records)], ['ids' => ArrayParameterType::INTEGER]);
        }
        $rows = [];
        foreach ($records as $id => $headings) {
            foreach ($headings as $heading) {
                if ('' !== $heading->sortKey && mb_strlen($heading->written) <= 300) {
                    $rows[] = [$heading->kind, $heading->sortKey, $id, $heading->written];
                }
            }
        }
        BulkInsert::run($this->connection, 'INSERT INTO record_heading (kind, sort_key, record_id, written)', $rows);
    }

    /** @return list<HeadingView> the headings that begin with what was typed, with how many records have each */
    public function beginningWith(string $kind, string $typed, int $limit = 12): array
    {
        $key = Heading::sortKey($typed);

        return '' === $key ? [] : $this->counted('sort_key >= :from AND sort_key < :to', ['kind' => $kind, 'from' => $key, 'to' => $key."\xFF"], 'ASC', $limit);
    }

    /**
     * The neighbours of a place in the list: those before it and those from it on.
     *
     * @return list<HeadingView>
     */
    public function around(string $kind, string $typed, int $before, int $after): array
    {
        $key = Heading::sortKey($typed);

        return [
            ...array_reverse($this->counted('sort_key < :from', ['kind' => $kind, 'from' => $key], 'DESC', $before)),
            ...$this->counted('sort_key >= :from', ['kind' => $kind, 'from' => $key], 'ASC', $after),
        ];
    }

    /** @return list<int> the records that have this heading */
    public function holders(string $kind, string $written, int $limit): array
    {
        $text = HeadingView::plain($written);
        $ids = $this->connection->fetchFirstColumn(
            'SELECT record_id FROM record_heading WHERE kind = ? AND sort_key = ? AND written = ? ORDER BY record_id LIMIT '.$limit,
            [$kind, Heading::sortKey($text), $written],
        );

        return array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids);
    }

    /**
     * @param array<string, string> $values
     *
     * @return list<HeadingView>
     */
    private function counted(string $condition, array $values, string $direction, int $limit): array
    {
        /** @var list<array{kind: string, written: string, records: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT kind, written, COUNT(*) AS records FROM record_heading WHERE kind = :kind AND {$condition} GROUP BY sort_key, written ORDER BY sort_key {$direction} LIMIT {$limit}",
            $values,
        );

        return array_map(static fn (array $row): HeadingView => HeadingView::of($row['kind'], $row['written'], $row['records']), $rows);
    }
}
