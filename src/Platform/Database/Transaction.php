<?php

declare(strict_types=1);

namespace TinLantern\Platform\Database;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\Persistence\ManagerRegistry;
use Psr\Clock\ClockInterface;
use TinLantern\Platform\Json;

/**
 * Everything an act changes is changed together, or not at all.
 */
final class Transaction
{
    private const TRIES = 5;
    private const DEADLOCK = 1213;

    private ?string $running = null;
    /** @var list<\Closure(): void> */
    private array $afterwards = [];

    public function __construct(
        private readonly ManagerRegistry $registry,
        private readonly Connection $connection,
        private readonly ClockInterface $clock,
        private readonly StoredAnswers $answers,
    ) {
    }

    /**
     * Runs $act in one transaction, again after a deadlock or a lost certification. Within another run it is a part of that one.
     *
     * @template T
     *
     * @param \Closure(): T $act
     *
     * @return T
     */
    public function run(\Closure $act): mixed
    {
        if ($this->connection->isTransactionActive()) {
            return $act();
        }
        $result = $this->attempts($act);
        foreach (array_splice($this->afterwards, 0) as $next) {
            $next();
        }

        return $result;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $act
     *
     * @return T
     */
    private function attempts(\Closure $act): mixed
    {
        for ($try = 1;; ++$try) {
            try {
                return $this->attempt($act);
            } catch (DeadlockException|LockWaitTimeoutException $lost) {
                if (self::TRIES === $try) {
                    throw $lost;
                }
                // A node that lost certification may keep its connection in doubt: begin with a new one.
                if (self::DEADLOCK === $lost->getCode()) {
                    $this->connection->close();
                }
            }
        }
    }

    /**
     * Runs $next after the transaction that is running now, when it was committed; at once when there is none. What $next does is no part of
     * the act: it must not fail it.
     *
     * @param \Closure(): void $next
     */
    public function afterwards(\Closure $next): void
    {
        $this->connection->isTransactionActive() ? $this->afterwards[] = $next : $next();
    }

    /**
     * Runs $act once for this id, however often it is sent: a repetition gets the first answer. An id that comes with another
     * content than the first time is refused.
     *
     * @template T of object
     *
     * @param object          $content what was asked for, to know a repetition from another act with the same id
     * @param class-string<T> $view    what $act answers
     * @param \Closure(): T   $act
     *
     * @return T
     */
    public function once(string $id, object $content, string $view, \Closure $act): object
    {
        $id = strtolower($id);
        if ($this->running === $id) {
            return $act();
        }

        return $this->run(function () use ($id, $content, $view, $act): object {
            $digest = hash('sha256', $content::class.Json::encode($content));
            try {
                $this->connection->insert('act', ['id' => $id, 'digest' => $digest, 'done_at' => $this->clock->now()->format('Y-m-d H:i:s')]);
            } catch (UniqueConstraintViolationException) {
                return $this->answers->of($id, $digest, $view);
            }
            $this->running = $id;
            try {
                $answer = $act();
            } finally {
                $this->running = null;
            }
            $this->connection->update('act', ['answer' => Json::encode($answer)], ['id' => $id]);

            return $answer;
        });
    }

    /**
     * @template T
     *
     * @param \Closure(): T $act
     *
     * @return T
     */
    private function attempt(\Closure $act): mixed
    {
        $this->connection->beginTransaction();
        $committed = false;
        try {
            $result = $act();
            $this->connection->commit();
            $committed = true;

            return $result;
        } finally {
            if (!$committed) {
                $this->forget();
            }
        }
    }

    /** Nothing of a failed attempt may stay in memory: what was read then is not what the database holds. */
    private function forget(): void
    {
        $this->afterwards = [];
        try {
            if ($this->connection->isTransactionActive()) {
                $this->connection->rollBack();
            }
        } catch (\Doctrine\DBAL\Exception) {
            // The server is away or has rolled back by itself; the connection is of no more use.
            $this->connection->close();
        }
        $manager = $this->manager();
        $manager->isOpen() ? $manager->clear() : $this->registry->resetManager();
    }

    private function manager(): EntityManagerInterface
    {
        $manager = $this->registry->getManager();
        \assert($manager instanceof EntityManagerInterface);

        return $manager;
    }
}
