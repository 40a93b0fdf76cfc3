<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

/**
 * Where long work says how far it has come; and where it hears that it should stop for now.
 */
final readonly class Progress
{
    public function __construct(private BackgroundTasks $tasks, private int $task, private StopSignal $stop)
    {
    }

    /**
     * @param int|null $total null while nobody knows
     *
     * @throws Interrupted when the worker is asked to stop; what was done stays, and the task goes on later
     */
    public function tell(int $done, ?int $total = null): void
    {
        $this->tasks->note($this->task, $done, $total);
        if ($this->stop->isGiven()) {
            throw new Interrupted();
        }
    }
}
