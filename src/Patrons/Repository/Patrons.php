<?php

declare(strict_types=1);

namespace TinLantern\Patrons\Repository;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use TinLantern\Patrons\Entity\Patron;

/**
 * The borrowers, as entities to be changed.
 */
final readonly class Patrons
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** The patron, kept for this transaction alone and as it is now. */
    public function lock(int $id): ?Patron
    {
        // One that is known already is read again by this; a new one is read once.
        return $this->entities->find(Patron::class, $id, LockMode::PESSIMISTIC_WRITE);
    }

    public function withCard(string $cardNumber): ?int
    {
        $id = $this->entities->getConnection()->fetchOne('SELECT id FROM patron WHERE card_number = ?', [$cardNumber]);

        return is_numeric($id) ? (int) $id : null;
    }

    /** Writes a new patron, or what has changed in a known one. */
    public function save(Patron $patron): void
    {
        $this->entities->persist($patron);
        $this->entities->flush();
    }
}
