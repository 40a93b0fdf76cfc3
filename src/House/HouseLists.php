<?php

declare(strict_types=1);

namespace TinLantern\House;

use Doctrine\DBAL\Connection;
use Symfony\Contracts\Service\ResetInterface;
use TinLantern\Core\CallNumber\Scheme;

/**
 * The short lists of the house (branches, shelving locations, lending classes, memberships), each read once when first asked for.
 */
final class HouseLists implements ResetInterface
{
    /** @var array<int, Branch>|null */
    private ?array $branches = null;
    /** @var array<int, ShelvingLocation>|null */
    private ?array $locations = null;
    /** @var array<int, LendingClass>|null */
    private ?array $lendingClasses = null;
    /** @var array<int, Membership>|null */
    private ?array $memberships = null;

    public function __construct(private readonly Connection $connection)
    {
    }

    public function reset(): void
    {
        $this->branches = $this->locations = $this->lendingClasses = $this->memberships = null;
    }

    /** @return array<int, Branch> by id */
    public function branches(): array
    {
        if (null === $this->branches) {
            $this->branches = [];
            /** @var array{id: int, code: string, name: string} $row */
            foreach ($this->connection->iterateAssociative('SELECT id, code, name FROM branch ORDER BY id') as $row) {
                $this->branches[$row['id']] = new Branch($row['id'], $row['code'], $row['name']);
            }
        }

        return $this->branches;
    }

    /** @return array<int, ShelvingLocation> by id */
    public function locations(): array
    {
        if (null === $this->locations) {
            $this->locations = [];
            $rows = $this->connection->iterateAssociative('SELECT l.id, l.code, l.name, c.name AS collection, c.scheme FROM shelving_location l JOIN collection c ON c.id = l.collection_id ORDER BY l.id');
            /** @var array{id: int, code: string, name: string, collection: string, scheme: string} $row */
            foreach ($rows as $row) {
                $this->locations[$row['id']] = new ShelvingLocation($row['id'], $row['code'], $row['name'], $row['collection'], Scheme::from($row['scheme']));
            }
        }

        return $this->locations;
    }

    /** @return array<int, LendingClass> by id */
    public function lendingClasses(): array
    {
        if (null === $this->lendingClasses) {
            $this->lendingClasses = [];
            /** @var array{id: int, code: string, name: string, is_reference: int} $row */
            foreach ($this->connection->iterateAssociative('SELECT id, code, name, is_reference FROM lending_class ORDER BY id') as $row) {
                $this->lendingClasses[$row['id']] = new LendingClass($row['id'], $row['code'], $row['name'], 1 === $row['is_reference']);
            }
        }

        return $this->lendingClasses;
    }

    /** @return array<int, Membership> by id */
    public function memberships(): array
    {
        if (null === $this->memberships) {
            $this->memberships = [];
            $rows = $this->connection->iterateAssociative('SELECT id, code, name, months, loan_limit, overdue_limit FROM membership ORDER BY id');
            /** @var array{id: int, code: string, name: string, months: int, loan_limit: int|null, overdue_limit: int|null} $row */
            foreach ($rows as $row) {
                $this->memberships[$row['id']] = new Membership($row['id'], $row['code'], $row['name'], $row['months'], $row['loan_limit'], $row['overdue_limit']);
            }
        }

        return $this->memberships;
    }

    public function branch(string $code): ?Branch
    {
        return self::coded($this->branches(), $code);
    }

    public function location(string $code): ?ShelvingLocation
    {
        return self::coded($this->locations(), $code);
    }

    public function lendingClass(string $code): ?LendingClass
    {
        return self::coded($this->lendingClasses(), $code);
    }

    public function membership(string $code): ?Membership
    {
        return self::coded($this->memberships(), $code);
    }

    /**
     * @template T of Branch|ShelvingLocation|LendingClass|Membership
     *
     * @param array<int, T> $list
     *
     * @return T|null
     */
    private static function coded(array $list, string $code): Branch|ShelvingLocation|LendingClass|Membership|null
    {
        foreach ($list as $entry) {
            if ($entry->code === $code) {
                return $entry;
            }
        }

        return null;
    }
}
