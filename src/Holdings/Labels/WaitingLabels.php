<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;

/**
 * The items whose labels wait to be printed: filled while cataloguing, emptied when they are printed.
 */
final readonly class WaitingLabels
{
    private const AT_ONCE = 1000;

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /** @param list<int> $itemIds */
    public function add(array $itemIds): void
    {
        foreach ($itemIds as $id) {
            $this->connection->executeStatement('INSERT IGNORE INTO waiting_label (item_id, added_at) VALUES (?, ?)', [$id, $this->clock->now()->format('Y-m-d H:i:s.v')]);
        }
    }

    /** @param list<int> $itemIds */
    public function remove(array $itemIds): void
    {
        $this->connection->executeStatement('DELETE FROM waiting_label WHERE item_id IN (:ids)', ['ids' => $itemIds], ['ids' => ArrayParameterType::INTEGER]);
    }

    /** All items that a file has brought. */
    public function addOfFile(int $intakeId): void
    {
        $this->connection->executeStatement('INSERT IGNORE INTO waiting_label (item_id, added_at) SELECT id, ? FROM item WHERE intake_id = ?', [$this->clock->now()->format('Y-m-d H:i:s.v'), $intakeId]);
    }

    /** @return list<LabelView> the oldest first, no more than are printed in one go */
    public function all(): array
    {
        return $this->labels('FROM waiting_label w JOIN item i ON i.id = w.item_id JOIN record r ON r.id = i.record_id ORDER BY w.added_at, w.item_id LIMIT '.self::AT_ONCE, []);
    }

    /**
     * @param list<int> $itemIds
     *
     * @return list<LabelView>
     */
    public function allBut(array $itemIds): array
    {
        return array_values(array_filter($this->all(), static fn (LabelView $label): bool => !\in_array($label->item, $itemIds, true)));
    }

    /**
     * @param list<int> $itemIds
     *
     * @return list<LabelView> in the order of the ids
     */
    public function of(array $itemIds): array
    {
        $labels = [];
        foreach ($this->labels('FROM item i JOIN record r ON r.id = i.record_id WHERE i.id IN (:ids)', ['ids' => $itemIds]) as $label) {
            $labels[$label->item] = $label;
        }
        $ordered = [];
        foreach ($itemIds as $id) {
            if (isset($labels[$id])) {
                $ordered[] = $labels[$id];
            }
        }

        return $ordered;
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return list<LabelView>
     */
    private function labels(string $from, array $values): array
    {
        /** @var list<array{id: int, barcode: string, call_number: string, title: string}> $rows */
        $rows = $this->connection->fetchAllAssociative("SELECT i.id, i.barcode, TRIM(CONCAT(i.prefix, ' ', i.call_number, ' ', i.suffix)) AS call_number, r.title ".$from, $values, ['ids' => ArrayParameterType::INTEGER]);

        return array_map(static fn (array $row): LabelView => new LabelView($row['id'], $row['barcode'], $row['call_number'], $row['title']), $rows);
    }
}
