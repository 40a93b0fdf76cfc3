<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Repository;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use TinLantern\Holdings\Entity\Item;

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

    /** Writes a new item, or what has changed in a known one. */
    public function save(Item $item): void
    {
        $this->entities->persist($item);
        $this->entities->flush();
    }
}
