<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

/**
 * The message that a task waits for a worker.
 */
final readonly class RunTask
{
    public function __construct(public int $task)
    {
    }
}
