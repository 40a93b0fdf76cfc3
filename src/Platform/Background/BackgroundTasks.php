<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Psr\Clock\ClockInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\Conflict;

/**
 * The long tasks that were asked for: a queue, and a record of what came of each.
 */
final readonly class BackgroundTasks
{
    /** A task whose worker was not heard of for so long is given to another. */
    private const SECONDS_UNTIL_GIVEN_UP = 60;

    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /**
     * @param string $title what it is about, in a person's words: the name of a file
     *
     * @throws Conflict when the same is waiting or running already
     */
    public function ask(string $kind, int $subjectId, string $title, Actor $actor): int
    {
        try {
            $this->connection->insert('background_task', [
                'kind' => $kind,
                'subject_id' => $subjectId,
                'title' => mb_substr($title, 0, 190),
                'asked_by' => $actor->staffId,
                'actor' => Json::encode($actor),
                'asked_at' => $this->now(),
            ]);
        } catch (UniqueConstraintViolationException) {
            throw new Conflict('task-running', 'This is being done already. Look at how far it has come.');
        }

        return (int) $this->connection->lastInsertId();
    }

    /** Takes the next task for this worker alone. */
    public function take(): ?int
    {
        return $this->connection->transactional(function (): ?int {
            $id = $this->connection->fetchOne(
                "SELECT id FROM background_task WHERE state = 'waiting' OR (state = 'running' AND seen_at < ?) ORDER BY id LIMIT 1 FOR UPDATE SKIP LOCKED",
                [$this->clock->now()->modify('-'.self::SECONDS_UNTIL_GIVEN_UP.' seconds')->format('Y-m-d H:i:s')],
            );
            if (!is_numeric($id)) {
                return null;
            }
            $this->connection->update('background_task', ['state' => 'running', 'seen_at' => $this->now()], ['id' => (int) $id]);

            return (int) $id;
        });
    }

    public function note(int $id, int $done, ?int $total): void
    {
        $this->connection->update('background_task', ['done' => $done, 'total' => $total, 'seen_at' => $this->now()], ['id' => $id]);
    }

    public function putOff(int $id): void
    {
        $this->connection->update('background_task', ['state' => 'waiting'], ['id' => $id, 'state' => 'running']);
    }

    public function end(int $id, bool $isDone, object $answer): void
    {
        $this->connection->update('background_task', ['state' => $isDone ? 'done' : 'failed', 'answer' => Json::encode($answer), 'ended_at' => $this->now()], ['id' => $id]);
    }

    /** @return array{kind: string, subject_id: int, actor: string}|null */
    public function asked(int $id): ?array
    {
        /** @var array{kind: string, subject_id: int, actor: string}|false $row */
        $row = $this->connection->fetchAssociative("SELECT kind, subject_id, actor FROM background_task WHERE id = ? AND state = 'running'", [$id]);

        return false === $row ? null : $row;
    }

    /** The newest task of these kinds about one thing. */
    public function about(int $subjectId, string ...$kinds): ?TaskView
    {
        return $this->views('kind IN (:kinds) AND subject_id = :subject', ['kinds' => $kinds, 'subject' => $subjectId], 1)[0] ?? null;
    }

    /** @return list<TaskView> of one person, newest first */
    public function askedBy(?int $staffId): array
    {
        return $this->views('asked_by = :staff', ['staff' => $staffId], 20);
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return list<TaskView>
     */
    private function views(string $condition, array $values, int $limit): array
    {
        /** @var list<array{id: int, kind: string, subject_id: int, title: string, state: string, done: int, total: int|null, answer: string|null, asked_at: string, ended_at: string|null}> $rows */
        $rows = $this->connection->fetchAllAssociative("SELECT * FROM background_task WHERE {$condition} ORDER BY id DESC LIMIT {$limit}", $values, ['kinds' => ArrayParameterType::STRING]);

        return array_map(static fn (array $row): TaskView => new TaskView(
            $row['id'],
            $row['kind'],
            $row['subject_id'],
            $row['title'],
            $row['state'],
            $row['done'],
            $row['total'],
            null === $row['answer'] ? null : Json::decodeObject($row['answer']),
            new \DateTimeImmutable($row['asked_at']),
            null === $row['ended_at'] ? null : new \DateTimeImmutable($row['ended_at']),
        ), $rows);
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s');
    }
}
