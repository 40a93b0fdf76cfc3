<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Shelf;

use Doctrine\DBAL\Connection;
use TinLantern\Core\CallNumber\ShelfKey;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\House\HouseLists;
use TinLantern\House\ShelvingLocation;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Goes along a shelf: what stands before and behind a call number, or an item. In true shelf order, in both directions. A piece that
 * stands somewhere else for a time is shown there, and not where it will go back to.
 */
final readonly class BrowseShelf
{
    private const BEFORE = 6;

    public function __construct(private Connection $connection, private HouseLists $lists)
    {
    }

    public function __invoke(ShelfQuery $query): ShelfView
    {
        $item = 0 === $query->item ? null : $this->item($query->item);
        $location = $this->location($query, $item);
        $branchId = '' === $query->branch ? null : $this->lists->branch($query->branch)->id ?? throw new Invalid(['branch' => \sprintf('There is no branch "%s". Choose one of the list.', $query->branch)]);
        if (null !== $query->after) {
            $rows = $this->side($location, $branchId, self::place($query->after), '>', $query->limit + 1);

            return $this->view(\array_slice($rows, 0, $query->limit), null, true, \count($rows) > $query->limit, $location);
        }
        if (null !== $query->before) {
            $rows = $this->side($location, $branchId, self::place($query->before), '<', $query->limit + 1);

            return $this->view(array_reverse(\array_slice($rows, 0, $query->limit)), null, \count($rows) > $query->limit, true, $location);
        }
        $isAsked = null !== $item || '' !== trim($query->callNumber);
        $from = match (true) {
            null !== $item => [$item['shelf_key'], $item['id']],
            $isAsked => [ShelfKey::of($query->callNumber, $location->scheme)->bytes, 0],
            default => ['', 0],
        };
        $most = $isAsked ? max(1, $query->limit - self::BEFORE) : $query->limit;
        $before = $this->side($location, $branchId, $from, '<', self::BEFORE + 1);
        $behind = $this->side($location, $branchId, $from, '>=', $most + 1);
        $shown = [...array_reverse(\array_slice($before, 0, self::BEFORE)), ...\array_slice($behind, 0, $most)];

        return $this->view($shown, [] === $behind || !$isAsked ? null : min(\count($before), self::BEFORE), \count($before) > self::BEFORE, \count($behind) > $most, $location);
    }

    /**
     * @param list<array<string, mixed>> $shown in the order of the shelf
     */
    private function view(array $shown, ?int $at, bool $hasBefore, bool $hasBehind, ShelvingLocation $location): ShelfView
    {
        /** @var list<array{id: int, record_id: int, title: string, author: string, year: int|null, prefix: string, call_number: string, suffix: string, barcode: string, branch_id: int, status: string, shelf_key: string}> $shown */
        $items = array_map(fn (array $row): ShelfItemView => new ShelfItemView(
            $row['id'],
            $row['record_id'],
            $row['title'],
            $row['author'],
            $row['year'],
            trim($row['prefix'].' '.$row['call_number'].' '.$row['suffix']),
            $row['barcode'],
            $this->lists->branches()[$row['branch_id']]->code,
            ItemStatus::from($row['status']),
        ), $shown);
        $places = array_map(static fn (array $row): string => bin2hex($row['shelf_key']).':'.$row['id'], $shown);

        return new ShelfView($items, $at, $hasBefore ? $places[0] ?? null : null, $hasBehind ? $places[\count($places) - 1] ?? null : null, $location->code);
    }

    /**
     * @param array{string, int} $from      shelf key and item id
     * @param '<'|'>'|'>='       $direction
     *
     * @return list<array<string, mixed>> nearest first
     */
    private function side(ShelvingLocation $location, ?int $branchId, array $from, string $direction, int $limit): array
    {
        $order = '<' === $direction ? 'DESC' : 'ASC';
        $branch = null === $branchId ? '' : 'AND i.branch_id = :branch';

        // The key alone limits what is read; the id only parts those that stand at the same place.
        $standing = "{$branch} AND i.shelf_key ".('<' === $direction ? '<=' : '>=')." :key AND (i.shelf_key, i.id) {$direction} (:key, :id) AND i.status <> 'withdrawn'
                   ORDER BY i.shelf_key {$order}, i.id {$order} LIMIT {$limit}";

        return $this->connection->fetchAllAssociative(
            "SELECT i.id, i.record_id, r.title, r.author, r.year, i.prefix, i.call_number, i.suffix, i.barcode, i.branch_id, i.status, i.shelf_key
             FROM ((SELECT id FROM item i WHERE i.location_id = :location AND i.temporary_location_id IS NULL {$standing})
                   UNION ALL (SELECT id FROM item i WHERE i.temporary_location_id = :location {$standing})) AS near
             JOIN item i ON i.id = near.id JOIN record r ON r.id = i.record_id ORDER BY i.shelf_key {$order}, i.id {$order} LIMIT {$limit}",
            ['location' => $location->id, 'branch' => $branchId, 'key' => $from[0], 'id' => $from[1]],
        );
    }

    /** @return array{string, int} */
    private static function place(string $cursor): array
    {
        [$key, $id] = explode(':', $cursor, 2) + [1 => '0'];

        return [0 === \strlen($key) % 2 ? (string) hex2bin($key) : '', (int) $id];
    }

    /** @return array{id: int, shelf_key: string, location_id: int} */
    private function item(int $id): array
    {
        /** @var array{id: int, shelf_key: string, location_id: int}|false $row */
        $row = $this->connection->fetchAssociative('SELECT id, shelf_key, COALESCE(temporary_location_id, location_id) AS location_id FROM item WHERE id = ?', [$id]);

        return false === $row ? throw NotFound::of('item', $id) : $row;
    }

    /** @param array{id: int, shelf_key: string, location_id: int}|null $item */
    private function location(ShelfQuery $query, ?array $item): ShelvingLocation
    {
        $locations = $this->lists->locations();

        return match (true) {
            null !== $item => $locations[$item['location_id']],
            '' !== $query->location => $this->lists->location($query->location) ?? throw new Invalid(['location' => \sprintf('There is no shelving location "%s". Choose one of the list.', $query->location)]),
            default => array_values($locations)[0] ?? throw NotFound::of('shelving location', ''),
        };
    }
}
