<?php

declare(strict_types=1);

namespace TinLantern\Journal;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Json;

/**
 * Who did what: written in the same transaction as the act itself, never changed afterwards.
 */
final readonly class Journal
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /**
     * @param string                    $act    what happened, as a verb phrase with hyphens: item-lent
     * @param array<string, mixed>|null $before the state before, only what changed; null for something new
     * @param array<string, mixed>|null $after  the state after; null for something that is gone
     *
     * @return int the number of the entry
     */
    public function tell(Actor $actor, string $act, Subject $subject, int $subjectId, ?array $before, ?array $after, ?string $reason = null): int
    {
        $this->connection->insert('journal_entry', [
            'at' => $this->clock->now()->format('Y-m-d H:i:s.v'),
            'staff_id' => $actor->staffId,
            'staff_name' => $actor->name,
            'branch_id' => $actor->branchId,
            'desk' => $actor->desk,
            'act' => $act,
            'subject' => $subject->value,
            'subject_id' => $subjectId,
            'before_state' => null === $before ? null : Json::encode($before),
            'after_state' => null === $after ? null : Json::encode($after),
            'reason' => $reason,
        ]);

        return (int) $this->connection->lastInsertId();
    }

    public function entry(int $id): ?JournalEntry
    {
        /** @var array{id: int, act: string, subject: string, subject_id: int, before_state: string|null, after_state: string|null, taken_back_by: int|null}|false $row */
        $row = $this->connection->fetchAssociative('SELECT * FROM journal_entry WHERE id = ? FOR UPDATE', [$id]);

        return false === $row ? null : new JournalEntry(
            $row['id'],
            $row['act'],
            Subject::from($row['subject']),
            $row['subject_id'],
            Json::decodeObject($row['before_state']),
            Json::decodeObject($row['after_state']),
            null !== $row['taken_back_by'],
        );
    }

    public function markTakenBack(int $entry, int $by): void
    {
        $this->connection->update('journal_entry', ['taken_back_by' => $by], ['id' => $entry]);
    }

    /**
     * Is this entry the newest about its subject, of those that were not taken back?
     *
     * @param list<string> $acts which acts count
     */
    public function isNewest(JournalEntry $entry, array $acts): bool
    {
        return false === $this->connection->fetchOne(
            'SELECT 1 FROM journal_entry WHERE subject = :subject AND subject_id = :id AND id > :entry AND taken_back_by IS NULL AND act IN (:acts) LIMIT 1',
            ['subject' => $entry->subject->value, 'id' => $entry->subjectId, 'entry' => $entry->id, 'acts' => $acts],
            ['acts' => ArrayParameterType::STRING],
        );
    }
}
