<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Platform\Actor;

/**
 * What somebody is entering and has not saved yet: one draft for each record, and one for a new record (0).
 */
final readonly class Drafts
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    public function keep(Actor $actor, int $recordId, DraftForm $draft): DraftView
    {
        if (null !== $actor->staffId) {
            $this->connection->executeStatement(
                'REPLACE INTO record_draft (staff_id, record_id, text, worksheet, begun_from, saved_at) VALUES (?, ?, ?, ?, ?, ?)',
                [$actor->staffId, $recordId, $draft->text, $draft->worksheet, $draft->begunFrom, $this->clock->now()->format('Y-m-d H:i:s')],
            );
        }

        return $this->find($actor, $recordId);
    }

    public function find(Actor $actor, int $recordId): DraftView
    {
        /** @var array{text: string, worksheet: string, begun_from: int, saved_at: string}|false $row */
        $row = $this->connection->fetchAssociative('SELECT text, worksheet, begun_from, saved_at FROM record_draft WHERE staff_id = ? AND record_id = ?', [$actor->staffId, $recordId]);

        return false === $row ? new DraftView(null, '', 0, null) : new DraftView($row['text'], $row['worksheet'], $row['begun_from'], new \DateTimeImmutable($row['saved_at']));
    }

    public function forget(Actor $actor, int $recordId): void
    {
        $this->connection->delete('record_draft', ['staff_id' => $actor->staffId, 'record_id' => $recordId]);
    }
}
