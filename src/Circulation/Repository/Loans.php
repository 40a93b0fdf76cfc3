<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Repository;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use TinLantern\Circulation\Entity\Loan;

/**
 * The loans, as entities to be changed.
 */
final readonly class Loans
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function lock(int $id): ?Loan
    {
        return $this->entities->find(Loan::class, $id, LockMode::PESSIMISTIC_WRITE);
    }

    /** The open loan of an item that this transaction has locked already. */
    public function openOf(int $itemId): ?Loan
    {
        $id = $this->openIdOf($itemId);

        return null === $id ? null : $this->lock($id);
    }

    public function openIdOf(int $itemId): ?int
    {
        $id = $this->entities->getConnection()->fetchOne('SELECT id FROM loan WHERE open_item_id = ?', [$itemId]);

        return is_numeric($id) ? (int) $id : null;
    }

    /** Writes a new loan, or what has changed in a known one. */
    public function save(Loan $loan): void
    {
        $this->entities->persist($loan);
        $this->entities->flush();
    }
}
