<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

use Symfony\Component\Messenger\Transport\Serialization\SerializerInterface;
use Symfony\Component\Messenger\Transport\TransportFactoryInterface;
use Symfony\Component\Messenger\Transport\TransportInterface;

/** @implements TransportFactoryInterface<TaskTransport> */
final readonly class TaskTransportFactory implements TransportFactoryInterface
{
    public function __construct(private BackgroundTasks $tasks)
    {
    }

    /** @param array<mixed> $options */
    public function createTransport(#[\SensitiveParameter] string $dsn, array $options, SerializerInterface $serializer): TransportInterface
    {
        return new TaskTransport($this->tasks);
    }

    /** @param array<mixed> $options */
    public function supports(#[\SensitiveParameter] string $dsn, array $options): bool
    {
        return str_starts_with($dsn, 'tasks://');
    }
}
