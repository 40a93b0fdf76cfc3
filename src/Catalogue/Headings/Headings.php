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

        $places = '' === $key ? [] : array_filter($this->along($kind, '>=', $key, $limit), static fn (HeadingPlace $place): bool => str_starts_with($place->key, $key));

        return array_merge(...array_map(static fn (HeadingPlace $place): array => $place->headings, array_values($places)));
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
     * Places in the list of headings, from one on in either direction, with how many records have each heading there.
     *
     * @param '<'|'>'|'>=' $relation to the place from which the list is gone along
     *
     * @return list<HeadingPlace> the nearest first
     */
    public function along(string $kind, string $relation, string $from, int $limit): array
    {
        $direction = '<' === $relation ? 'DESC' : 'ASC';
        // First the places alone: the index gives them without going through every record that has a heading behind them.
        $keys = $this->connection->fetchFirstColumn("SELECT sort_key FROM record_heading WHERE kind = :kind AND sort_key {$relation} :from GROUP BY sort_key ORDER BY sort_key {$direction} LIMIT {$limit}", ['kind' => $kind, 'from' => $from]);
        /** @var list<array{sort_key: string, written: string, records: int}> $rows */
        $rows = [] === $keys ? [] : $this->connection->fetchAllAssociative(
            "SELECT sort_key, written, COUNT(*) AS records FROM record_heading WHERE kind = :kind AND sort_key IN (:keys) GROUP BY sort_key, written ORDER BY sort_key {$direction}, written",
            ['kind' => $kind, 'keys' => $keys],
            ['keys' => ArrayParameterType::STRING],
        );
        $headings = [];
        foreach ($rows as $row) {
            $headings[$row['sort_key']][] = HeadingView::of($kind, $row['written'], $row['records']);
        }
        $places = [];
        foreach ($headings as $key => $standing) {
            $places[] = new HeadingPlace((string) $key, $standing);
        }

        return $places;
    }
}
