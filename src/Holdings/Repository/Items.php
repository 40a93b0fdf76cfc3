<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Repository;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use TinLantern\Holdings\Entity\Item;
use TinLantern\Journal\JournalEntry;
use TinLantern\Platform\Problem\NotFound;

/**
 * The items, as entities to be changed.
 */
final readonly class Items
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** The item, kept for this transaction alone and as it is now. */
    public function lock(int $id): ?Item
    {
        return $this->entities->find(Item::class, $id, LockMode::PESSIMISTIC_WRITE);
    }

    public function lockByBarcode(string $barcode): ?Item
    {
        $item = $this->entities->createQuery('SELECT i FROM '.Item::class.' i WHERE i.barcode = :barcode')
            ->setParameter('barcode', $barcode)
            ->setLockMode(LockMode::PESSIMISTIC_WRITE)
            ->setHint(Query::HINT_REFRESH, true)
            ->getOneOrNullResult();

        return $item instanceof Item ? $item : null;
    }

    /**
     * Moves items to another record.
     *
     * @param list<int> $ids
     *
     * @return array<int, int> the records that they came from, by item id; without those that stood there already
     *
     * @throws NotFound
     */
    public function move(array $ids, int $toRecord): array
    {
        sort($ids);
        $from = [];
        foreach (array_unique($ids) as $id) {
            $item = $this->lock($id) ?? throw NotFound::of('item', $id);
            if ($item->recordId() !== $toRecord) {
                $from[$id] = $item->recordId();
                $item->moveTo($toRecord);
                $this->entities->persist($item);
            }
        }
        $this->entities->flush();

        return $from;
    }

    /** @param array<int, int> $from records by item id, as {@see move()} gave them */
    public function moveBack(array $from): void
    {
        foreach ($from as $id => $recordId) {
            $this->move([$id], $recordId);
        }
    }

    /** @param list<int> $ids */
    public function areAllOn(array $ids, int $recordId): bool
    {
        foreach ($ids as $id) {
            if ($this->lock($id)?->recordId() !== $recordId) {
                return false;
            }
        }

        return true;
    }

    /** @return list<int> ids of the items of a record */
    public function idsOn(int $recordId): array
    {
        $ids = $this->entities->getConnection()->fetchFirstColumn('SELECT id FROM item WHERE record_id = ? ORDER BY id FOR UPDATE', [$recordId]);

        return array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $ids);
    }

    /** @return array<int, int> the records that moved items came from, by item id, as the journal was told */
    public static function origins(JournalEntry $entry): array
    {
        $from = [];
        $told = $entry->before['items'] ?? [];
        foreach (\is_array($told) ? $told : [] as $item => $record) {
            if (\is_int($record)) {
                $from[(int) $item] = $record;
            }
        }

        return $from;
    }

    /** Writes a new item, or what has changed in a known one. */
    public function save(Item $item): void
    {
        $this->entities->persist($item);
        $this->entities->flush();
    }
}
