<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Core\Money\Money;
use TinLantern\House\HouseLists;
use TinLantern\Platform\Problem\NotFound;

/**
 * Reads items as shown.
 */
final readonly class ItemPage
{
    public function __construct(private Connection $connection, private HouseLists $lists, private Records $records, private \DateTimeZone $houseZone)
    {
    }

    public function of(int $id): ItemView
    {
        return $this->read('i.id = ?', $id)[0] ?? throw NotFound::of('item', $id);
    }

    public function withBarcode(string $barcode): ?ItemView
    {
        return $this->read('i.barcode = ?', $barcode)[0] ?? null;
    }

    /** @return list<ItemView> in shelf order */
    public function onRecord(int $recordId): array
    {
        $items = $this->read('i.record_id = ?', $recordId);
        if ([] === $items && !$this->records->exists($recordId)) {
            throw NotFound::of('record', $recordId);
        }

        return $items;
    }

    /** @return list<ItemView> */
    private function read(string $condition, int|string $value): array
    {
        /** @var list<array{id: int, version: int, record_id: int, title: string, author: string, barcode: string, status: string, branch_id: int, at_branch_id: int, location_id: int, lending_class_id: int, prefix: string, call_number: string, suffix: string, copy: string, price_minor: int|null, acquired_on: string|null, staff_note: string, due_at: string|null, material: string, volume: string, vendor: string, fund: string, pieces_note: string, public_note: string, check_in_message: string, check_out_message: string, serial_number: string, pieces: int, temporary_location_id: int|null, temporary_until: string|null}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT i.*, r.title, r.author, l.due_at FROM item i JOIN record r ON r.id = i.record_id LEFT JOIN loan l ON l.open_item_id = i.id
             WHERE {$condition} ORDER BY i.branch_id, i.shelf_key, i.copy, i.id",
            [$value],
        );

        return array_map(fn (array $row): ItemView => new ItemView(
            $row['id'],
            $row['version'],
            $row['record_id'],
            $row['title'],
            $row['author'],
            $row['barcode'],
            ItemStatus::from($row['status']),
            $this->lists->branches()[$row['branch_id']]->code,
            $this->lists->branches()[$row['at_branch_id']]->code,
            $this->lists->locations()[$row['location_id']]->code,
            $this->lists->locations()[$row['location_id']]->name,
            $this->lists->lendingClasses()[$row['lending_class_id']]->code,
            $this->lists->lendingClasses()[$row['lending_class_id']]->name,
            $row['prefix'],
            $row['call_number'],
            $row['suffix'],
            $row['copy'],
            null === $row['price_minor'] ? null : (new Money($row['price_minor']))->written(),
            null === $row['acquired_on'] ? null : Day::of($row['acquired_on']),
            $row['staff_note'],
            null === $row['due_at'] ? null : (new \DateTimeImmutable($row['due_at']))->setTimezone($this->houseZone),
            $row['material'],
            $row['volume'],
            $row['vendor'],
            $row['fund'],
            $row['pieces_note'],
            $row['public_note'],
            $row['check_in_message'],
            $row['check_out_message'],
            $row['serial_number'],
            $row['pieces'],
            null === $row['temporary_location_id'] ? '' : $this->lists->locations()[$row['temporary_location_id']]->code,
            null === $row['temporary_location_id'] ? '' : $this->lists->locations()[$row['temporary_location_id']]->name,
            null === $row['temporary_until'] ? null : Day::of($row['temporary_until']),
        ), $rows);
    }
}
