<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Query\QueryBuilder;
use TinLantern\Core\Calendar\Day;
use TinLantern\House\HouseLists;
use TinLantern\Patrons\Entity\Patron;

/**
 * Finds patrons by the beginning of a name (either order), by card number or e-mail, in the order of their names.
 */
final readonly class FindPatrons
{
    public function __construct(private Connection $connection, private HouseLists $lists)
    {
    }

    public function __invoke(PatronQuery $query): PatronListView
    {
        $select = $this->connection->createQueryBuilder()
            ->select('p.id', 'p.card_number', 'p.family_name', 'p.given_name', 'p.name_key', 'p.membership_id', 'p.branch_id', 'p.expires_on', 'p.barred_because')
            ->from('patron', 'p')
            ->orderBy('p.name_key')->addOrderBy('p.id')
            ->setMaxResults($query->limit + 1);
        $this->narrow($select, $query);
        if (null !== $query->after) {
            [$id, $key] = explode(' ', $query->after, 2) + [1 => ''];
            $select->andWhere('(p.name_key, p.id) > (:afterKey, :afterId)')->setParameter('afterKey', $key)->setParameter('afterId', (int) $id);
        }
        /** @var list<array{id: int, card_number: string, family_name: string, given_name: string, name_key: string, membership_id: int, branch_id: int, expires_on: string, barred_because: string|null}> $rows */
        $rows = $select->executeQuery()->fetchAllAssociative();
        $shown = \array_slice($rows, 0, $query->limit);
        $last = [] === $shown ? null : $shown[\count($shown) - 1];

        return new PatronListView(
            array_map(fn (array $row): PatronLineView => new PatronLineView(
                $row['id'],
                $row['card_number'],
                $row['family_name'],
                $row['given_name'],
                $this->lists->memberships()[$row['membership_id']]->name,
                $this->lists->branches()[$row['branch_id']]->code,
                Day::of($row['expires_on']),
                null !== $row['barred_because'],
            ), $shown),
            \count($rows) > $query->limit && null !== $last ? $last['id'].' '.$last['name_key'] : null,
        );
    }

    private function narrow(QueryBuilder $select, PatronQuery $query): void
    {
        $key = Patron::key($query->q);
        if ('' !== $key) {
            // Each way of asking has an index of its own; a union of them stays quick where an OR would read every patron.
            $ids = $this->connection->fetchFirstColumn(
                '(SELECT id FROM patron WHERE name_key LIKE :key LIMIT 2000) UNION (SELECT id FROM patron WHERE given_key LIKE :key LIMIT 2000)
                 UNION (SELECT id FROM patron WHERE card_number = :typed) UNION (SELECT id FROM patron WHERE email = :typed LIMIT 50)',
                ['key' => addcslashes($key, '%_\\').'%', 'typed' => trim($query->q)],
            );
            $select->andWhere('p.id IN (:ids)')->setParameter('ids', [] === $ids ? [0] : $ids, ArrayParameterType::INTEGER);
        }
        if (isset($query->filter['membership'])) {
            $select->andWhere('p.membership_id = :membership')->setParameter('membership', $this->lists->membership($query->filter['membership'])->id ?? 0);
        }
        if (isset($query->filter['branch'])) {
            $select->andWhere('p.branch_id = :branch')->setParameter('branch', $this->lists->branch($query->filter['branch'])->id ?? 0);
        }
    }
}
