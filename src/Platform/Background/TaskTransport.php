<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\Transport\TransportInterface;

/**
 * The table of tasks as a queue for the worker. A task is put there by {@see BackgroundTasks::ask()}, in the transaction that gives
 * cause for it; there is nothing to send beside.
 */
final readonly class TaskTransport implements TransportInterface
{
    public function __construct(private BackgroundTasks $tasks)
    {
    }

    /** @return list<Envelope> */
    public function get(): iterable
    {
        $task = $this->tasks->take();

        return null === $task ? [] : [new Envelope(new RunTask($task))];
    }

    public function ack(Envelope $envelope): void
    {
    }

    public function reject(Envelope $envelope): void
    {
    }

    public function send(Envelope $envelope): Envelope
    {
        return $envelope;
    }
}
