<?php

declare(strict_types=1);

namespace TinLantern\Journal;

use Doctrine\DBAL\Connection;
use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;
use Symfony\Contracts\Service\ServiceProviderInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Json;

/**
 * Reads the journal, newest first.
 */
final readonly class JournalList
{
    /** @param ServiceProviderInterface<Reversal> $reversals */
    public function __construct(
        private Connection $connection,
        #[AutowireLocator(Reversal::class, defaultIndexMethod: 'act')]
        private ServiceProviderInterface $reversals,
    ) {
    }

    public function __invoke(JournalQuery $query, Actor $actor): JournalListView
    {
        $select = $this->connection->createQueryBuilder()
            ->select('j.*', 'b.code AS branch')
            ->from('journal_entry', 'j')
            ->leftJoin('j', 'branch', 'b', 'b.id = j.branch_id')
            ->orderBy('j.id', 'DESC')
            ->setMaxResults($query->limit + 1);
        if (null !== $query->after) {
            $select->andWhere('j.id < :after')->setParameter('after', $query->after);
        }
        if (isset($query->filter['act'])) {
            $select->andWhere('j.act = :act')->setParameter('act', $query->filter['act']);
        }
        if (isset($query->filter['staff'])) {
            $select->andWhere('j.staff_name LIKE :staff')->setParameter('staff', addcslashes($query->filter['staff'], '%_\\').'%');
        }
        if (isset($query->filter['subject'])) {
            [$subject, $id] = explode(':', $query->filter['subject'], 2) + [1 => ''];
            $select->andWhere('j.subject = :subject AND j.subject_id = :id')->setParameter('subject', $subject)->setParameter('id', (int) $id);
        }
        /** @var list<array{id: int, at: string, staff_name: string, branch: string|null, desk: string, act: string, subject: string, subject_id: int, before_state: string|null, after_state: string|null, reason: string|null, taken_back_by: int|null}> $rows */
        $rows = $select->executeQuery()->fetchAllAssociative();
        $entries = array_map(fn (array $row): JournalLineView => $this->line($row, $actor), \array_slice($rows, 0, $query->limit));

        return new JournalListView($entries, \count($rows) > $query->limit ? $entries[$query->limit - 1]->id : null);
    }

    /** @param array{id: int, at: string, staff_name: string, branch: string|null, desk: string, act: string, subject: string, subject_id: int, before_state: string|null, after_state: string|null, reason: string|null, taken_back_by: int|null} $row */
    private function line(array $row, Actor $actor): JournalLineView
    {
        return new JournalLineView(
            $row['id'],
            new \DateTimeImmutable($row['at']),
            $row['staff_name'],
            $row['branch'],
            $row['desk'],
            $row['act'],
            $row['subject'],
            $row['subject_id'],
            null === $row['before_state'] ? null : Json::decodeObject($row['before_state']),
            null === $row['after_state'] ? null : Json::decodeObject($row['after_state']),
            $row['reason'],
            null !== $row['taken_back_by'],
            null === $row['taken_back_by'] && $this->canBeTakenBack($row['act'], $actor),
        );
    }

    private function canBeTakenBack(string $act, Actor $actor): bool
    {
        $reversal = $this->reversals->getProvidedServices()[$act] ?? '';

        return is_subclass_of($reversal, Reversal::class) && $actor->may($reversal::needs());
    }
}
