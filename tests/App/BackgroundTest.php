<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use Symfony\Component\Messenger\Envelope;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Background\BackgroundTasks;
use TinLantern\Platform\Background\RunTask;
use TinLantern\Platform\Background\TaskRunner;
use TinLantern\Platform\Background\TaskTransport;
use TinLantern\Platform\Cli\ConsoleActor;
use TinLantern\Platform\Problem\Conflict;

/**
 * Long work: asked for once, done in its order, given to another when a worker dies, and its end told to who asked.
 */
final class BackgroundTest extends AppTestCase
{
    private BackgroundTasks $tasks;
    private Actor $actor;

    protected function setUp(): void
    {
        parent::setUp();
        $this->tasks = self::service(BackgroundTasks::class);
        $this->actor = self::service(ConsoleActor::class)();
    }

    public function testWorkIsDoneInTheOrderInWhichItWasAskedForAndByOneWorkerEach(): void
    {
        $asked = array_map(fn (int $subject): int => $this->tasks->ask('compare-file', $subject, "file {$subject}", $this->actor), [3, 1, 2]);
        $transport = new TaskTransport($this->tasks);
        $given = [];
        while ([] !== $envelopes = [...$transport->get()]) {
            foreach ($envelopes as $envelope) {
                $message = $envelope->getMessage();
                self::assertInstanceOf(RunTask::class, $message);
                $given[] = $message->task;
                $transport->ack($envelope);
            }
        }
        self::assertSame($asked, $given);
    }

    public function testTheSameIsNotAskedForWhileItWaitsOrRunsButAgainWhenItHasEnded(): void
    {
        $task = $this->tasks->ask('compare-file', 7, 'tides.mrc', $this->actor);
        try {
            $this->tasks->ask('compare-file', 7, 'tides.mrc', $this->actor);
            self::fail('It was asked for twice.');
        } catch (Conflict $conflict) {
            self::assertSame('task-running', $conflict->problemCode);
        }
        $this->tasks->ask('take-in-file', 7, 'tides.mrc', $this->actor);
        $this->tasks->ask('compare-file', 8, 'gulls.mrc', $this->actor);
        self::assertSame($task, $this->tasks->take());
        $this->tasks->end($task, false, (object) ['error' => 'It could not be read.']);
        self::assertGreaterThan($task, $this->tasks->ask('compare-file', 7, 'tides.mrc', $this->actor));
    }

    public function testAWorkerThatIsStillHeardOfKeepsItsTask(): void
    {
        $task = $this->tasks->ask('compare-file', 7, 'tides.mrc', $this->actor);
        self::assertSame($task, $this->tasks->take());
        foreach (range(1, 5) as $minute) {
            $this->itIs(\sprintf('2026-03-03 10:%02d:50', $minute));
            $this->tasks->note($task, 500 * $minute, 5000);
            self::assertNull($this->tasks->take());
        }
        $this->itIs('2026-03-03 10:07:00');
        self::assertSame($task, $this->tasks->take(), 'not heard of for longer than a minute');
        $view = $this->tasks->about(7, 'compare-file');
        self::assertSame([2500, 5000, 'running'], [$view?->done, $view?->total, $view?->state]);
    }

    public function testWhatIsPutOffIsTheNextToBeDone(): void
    {
        $first = $this->tasks->ask('compare-file', 1, 'one', $this->actor);
        $second = $this->tasks->ask('compare-file', 2, 'two', $this->actor);
        self::assertSame($first, $this->tasks->take());
        $this->tasks->putOff($first);
        self::assertSame([$first, $second, null], [$this->tasks->take(), $this->tasks->take(), $this->tasks->take()]);
    }

    public function testAProblemIsToldToWhoAskedInItsSentence(): void
    {
        // There is no such file.
        $task = $this->tasks->ask('take-back-file', 999, 'tides.mrc', $this->actor);
        self::assertSame($task, $this->tasks->take());
        self::service(TaskRunner::class)(new RunTask($task));
        $view = $this->tasks->about(999, 'take-back-file');
        self::assertNotNull($view);
        self::assertSame('failed', $view->state);
        self::assertStringContainsString('There is no intake', json_encode($view->answer, \JSON_THROW_ON_ERROR));
    }

    public function testATaskThatHasEndedIsNotDoneOnceMore(): void
    {
        $task = $this->tasks->ask('take-back-file', 999, 'tides.mrc', $this->actor);
        self::assertSame($task, $this->tasks->take());
        $this->tasks->end($task, true, (object) ['removed' => 3]);
        self::service(TaskRunner::class)(new RunTask($task));
        self::assertSame(['done', ['removed' => 3]], [$this->tasks->about(999, 'take-back-file')?->state, $this->tasks->about(999, 'take-back-file')?->answer]);
    }

    public function testEverybodySeesTheirOwnWork(): void
    {
        $this->signIn('cataloguer');
        $staff = $this->connection()->fetchOne("SELECT id FROM staff WHERE sign_in_name = 'cataloguer'");
        $this->tasks->ask('compare-file', 7, 'tides.mrc', $this->actor);
        self::assertCount(0, $this->get('/api/background-tasks'));
        $this->connection()->update('background_task', ['asked_by' => $staff], ['subject_id' => 7]);
        $mine = $this->get('/api/background-tasks?again=1');
        self::assertSame([['tides.mrc'], ['waiting']], [self::column($mine, 'title'), self::column($mine, 'state')]);
        self::assertEquals(new Envelope(new RunTask(1)), (new TaskTransport($this->tasks))->send(new Envelope(new RunTask(1))), 'nothing is sent beside the table');
    }
}
