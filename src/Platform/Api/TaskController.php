<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Background\BackgroundTasks;
use TinLantern\Platform\Background\TaskView;

final class TaskController
{
    /**
     * The long tasks that you asked for, newest first.
     *
     * @return list<TaskView>
     */
    #[Route('/api/background-tasks', methods: 'GET')]
    #[SignedIn]
    public function own(BackgroundTasks $tasks, Actor $actor): array
    {
        return $tasks->askedBy($actor->staffId);
    }
}
