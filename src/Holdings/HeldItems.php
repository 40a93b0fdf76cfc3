<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\Availability;
use TinLantern\Catalogue\Intake\IntakeDefaults;
use TinLantern\Catalogue\ItemsTakenIn;
use TinLantern\Catalogue\RecordItems;
use TinLantern\Catalogue\Search\HeldItem;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\ItemProperty;
use TinLantern\Core\Marc\ItemStatement;
use TinLantern\Holdings\Entity\Particulars;
use TinLantern\Holdings\Presets\ItemPresets;
use TinLantern\House\HouseLists;
use TinLantern\Platform\Database\BulkInsert;

/**
 * The holdings as the catalogue asks for them: many records at once, with few statements.
 */
final readonly class HeldItems implements RecordItems
{
    private const LONGEST_BARCODE = 40;

    public function __construct(private Connection $connection, private HouseLists $lists, private ItemPresets $presets)
    {
    }

    public function takeIn(array $statements, IntakeDefaults $defaults, int $intakeId): ItemsTakenIn
    {
        $holders = $this->holders($statements);
        $rows = $items = $problems = $unknown = [];
        foreach ($statements as $recordId => $ofRecord) {
            foreach ($ofRecord as $statement) {
                $barcode = $statement->barcode();
                $problem = match (true) {
                    \strlen($barcode) > self::LONGEST_BARCODE => \sprintf('the barcode "%s" has more than %d characters; its item was left out.', $barcode, self::LONGEST_BARCODE),
                    ($holders[$barcode] ?? null) === $recordId => \sprintf('item %s is here already; it stays as it is.', $barcode),
                    isset($holders[$barcode]) => \sprintf('barcode %s is on another item already; this item was left out.', $barcode),
                    default => null,
                };
                if (null !== $problem) {
                    $problems[$recordId][] = $problem;
                    continue;
                }
                $holders[$barcode] = $recordId;
                $item = StatedItem::of($statement, $defaults, $this->lists);
                $unknown += $item->unknownCodes;
                $rows[] = [...$this->row($recordId, $item, $statement), $intakeId];
                $items[$recordId][] = new HeldItem($item->details->branchId, $item->details->prefix, $item->details->callNumber);
            }
        }
        $this->insert($rows);

        return new ItemsTakenIn($items, $problems, $unknown);
    }

    public function presets(): array
    {
        return $this->presets->codes();
    }

    public function preset(string $code): ?array
    {
        return $this->presets->values($code);
    }

    public function takeBack(int $intakeId, array $recordIds): array
    {
        if ([] === $recordIds) {
            return [];
        }
        // An item that was lent or changed has another version than the one it came with.
        $this->connection->executeStatement(
            'DELETE i FROM item i WHERE i.intake_id = :intake AND i.record_id IN (:ids) AND i.version = 1 AND NOT EXISTS (SELECT 1 FROM loan l WHERE l.item_id = i.id)',
            ['intake' => $intakeId, 'ids' => $recordIds],
            ['ids' => ArrayParameterType::INTEGER],
        );
        $left = [];
        $rows = $this->connection->iterateAssociative('SELECT record_id, barcode FROM item WHERE record_id IN (:ids) ORDER BY id', ['ids' => $recordIds], ['ids' => ArrayParameterType::INTEGER]);
        /** @var array{record_id: int, barcode: string} $row */
        foreach ($rows as $row) {
            $left[$row['record_id']][] = $row['barcode'];
        }

        return $left;
    }

    public function held(array $recordIds): array
    {
        $held = [];
        $rows = $this->connection->iterateAssociative(
            'SELECT record_id, branch_id, prefix, call_number FROM item WHERE record_id IN (:ids)',
            ['ids' => $recordIds],
            ['ids' => ArrayParameterType::INTEGER],
        );
        /** @var array{record_id: int, branch_id: int, prefix: string, call_number: string} $row */
        foreach ($rows as $row) {
            $held[$row['record_id']][] = new HeldItem($row['branch_id'], $row['prefix'], $row['call_number']);
        }

        return $held;
    }

    public function availability(array $recordIds): array
    {
        $availability = [];
        $rows = $this->connection->iterateAssociative(
            "SELECT record_id, CAST(SUM(status = 'available') AS UNSIGNED) AS available, COUNT(*) AS items, MIN(TRIM(CONCAT(prefix, ' ', call_number))) AS call_number
             FROM item WHERE record_id IN (:ids) AND status <> 'withdrawn' GROUP BY record_id",
            ['ids' => $recordIds],
            ['ids' => ArrayParameterType::INTEGER],
        );
        /** @var array{record_id: int, available: int, items: int, call_number: string} $row */
        foreach ($rows as $row) {
            $availability[$row['record_id']] = new Availability($row['available'], $row['items'], $row['call_number']);
        }

        return $availability;
    }

    public function embedIn(array $records, bool $forOthers = false): array
    {
        $placed = $unplaced = [];
        $rows = $this->connection->iterateAssociative(
            'SELECT * FROM item WHERE record_id IN (:ids) ORDER BY id',
            ['ids' => array_keys($records)],
            ['ids' => ArrayParameterType::INTEGER],
        );
        /** @var array{record_id: int, barcode: string, status: string, branch_id: int, location_id: int, lending_class_id: int, prefix: string, call_number: string, suffix: string, shelf_key: string, copy: string, price_minor: int|null, acquired_on: string|null, staff_note: string, material: string, volume: string, vendor: string, fund: string, pieces: int, pieces_note: string, public_note: string, check_in_message: string, check_out_message: string, serial_number: string, statement: string|null} $row */
        foreach ($rows as $row) {
            $states = StatedItem::stated($this->details($row), $this->lists);
            if (null === $row['statement']) {
                $scheme = $this->lists->locations()[$row['location_id']]->scheme;
                $said = array_filter($states, static fn (string $value, string $name): bool => '' !== $value && !($forOthers && ItemProperty::from($name)->isOurs()), \ARRAY_FILTER_USE_BOTH);
                $fresh = ItemFields::fresh($said, $scheme->indicator());
                $unplaced[$row['record_id']] = [...$unplaced[$row['record_id']] ?? [], ...$fresh];
            } else {
                $placed[$row['record_id']] = [...$placed[$row['record_id']] ?? [], ...StoredStatement::read($row['statement'])->fieldsFor($states, $forOthers)];
            }
        }
        foreach ($records as $id => $record) {
            $records[$id] = ItemFields::join($record, $placed[$id] ?? [], $unplaced[$id] ?? []);
        }

        return $records;
    }

    /**
     * @param array<int, list<ItemStatement>> $statements
     *
     * @return array<array-key, int> the records whose items have these barcodes, by barcode
     */
    private function holders(array $statements): array
    {
        $barcodes = [];
        foreach ($statements as $ofRecord) {
            foreach ($ofRecord as $statement) {
                $barcodes[] = $statement->barcode();
            }
        }

        /** @var array<array-key, int> */
        return [] === $barcodes ? [] : $this->connection->fetchAllKeyValue(
            'SELECT barcode, record_id FROM item WHERE barcode IN (:barcodes)',
            ['barcodes' => $barcodes],
            ['barcodes' => ArrayParameterType::STRING],
        );
    }

    /** @return list<string|int|null> */
    private function row(int $recordId, StatedItem $item, ItemStatement $statement): array
    {
        $details = $item->details;
        $more = $details->particulars;

        return [
            $recordId,
            $details->barcode,
            $details->status->value,
            $details->branchId,
            $details->branchId,
            $details->locationId,
            $details->lendingClassId,
            $details->prefix,
            $details->callNumber,
            $details->suffix,
            $details->shelfKey,
            $details->copy,
            $details->priceMinor,
            $details->acquiredOn?->iso,
            $details->staffNote,
            $more->material,
            $more->volume,
            $more->vendor,
            $more->fund,
            $more->pieces,
            $more->piecesNote,
            $more->publicNote,
            $more->checkInMessage,
            $more->checkOutMessage,
            $more->serialNumber,
            $details->temporaryLocationId,
            $details->temporaryUntil?->iso,
            StoredStatement::write($statement, StatedItem::stated($details, $this->lists)),
        ];
    }

    /** @param list<list<string|int|null>> $rows */
    private function insert(array $rows): void
    {
        BulkInsert::run(
            $this->connection,
            'INSERT INTO item (record_id, barcode, status, branch_id, at_branch_id, location_id, lending_class_id, prefix, call_number, suffix, shelf_key, copy, price_minor, acquired_on, staff_note, material, volume, vendor, fund, pieces, pieces_note, public_note, check_in_message, check_out_message, serial_number, temporary_location_id, temporary_until, statement, intake_id)',
            $rows,
        );
    }

    /** @param array{barcode: string, status: string, branch_id: int, location_id: int, lending_class_id: int, prefix: string, call_number: string, suffix: string, shelf_key: string, copy: string, price_minor: int|null, acquired_on: string|null, staff_note: string, material: string, volume: string, vendor: string, fund: string, pieces: int, pieces_note: string, public_note: string, check_in_message: string, check_out_message: string, serial_number: string} $row */
    private function details(array $row): ItemDetails
    {
        return new ItemDetails(
            $row['barcode'],
            ItemStatus::from($row['status']),
            $row['branch_id'],
            $row['location_id'],
            $row['lending_class_id'],
            $row['prefix'],
            $row['call_number'],
            $row['suffix'],
            $row['shelf_key'],
            $row['copy'],
            $row['price_minor'],
            null === $row['acquired_on'] ? null : Day::of($row['acquired_on']),
            $row['staff_note'],
            new Particulars($row['material'], $row['volume'], $row['vendor'], $row['fund'], $row['pieces'], $row['pieces_note'], $row['public_note'], $row['check_in_message'], $row['check_out_message'], $row['serial_number']),
        );
    }
}
