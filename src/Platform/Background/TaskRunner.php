<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

use Doctrine\DBAL\Exception\ConnectionException;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Contracts\Service\ServiceProviderInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\Problem;

/**
 * Does a task in the name of the one who asked for it.
 */
#[AsMessageHandler(handles: RunTask::class)]
final readonly class TaskRunner
{
    /** @param ServiceProviderInterface<BackgroundWork> $works */
    public function __construct(
        private BackgroundTasks $tasks,
        private StopSignal $stop,
        private LoggerInterface $logger,
        #[AutowireLocator(BackgroundWork::class, defaultIndexMethod: 'kind')]
        private ServiceProviderInterface $works,
    ) {
    }

    public function __invoke(RunTask $message): void
    {
        $asked = $this->tasks->asked($message->task);
        if (null === $asked) {
            return;
        }
        try {
            $answer = $this->works->get($asked['kind'])->run($asked['subject_id'], self::actor($asked['actor']), new Progress($this->tasks, $message->task, $this->stop));
            $this->tasks->end($message->task, true, $answer);
        } catch (Interrupted|ConnectionException) {
            $this->tasks->putOff($message->task);
        } catch (Problem|\InvalidArgumentException $problem) {
            $this->tasks->end($message->task, false, new FailedTask($problem->getMessage()));
        } catch (\Throwable $thrown) {
            $this->logger->critical('A background task failed unexpectedly.', ['exception' => $thrown]);
            $this->tasks->end($message->task, false, new FailedTask('Something failed. What was done so far is kept; the log says what happened. Begin it once more, or tell whoever looks after Tin Lantern here.'));
        }
    }

    private static function actor(string $json): Actor
    {
        /** @var array{staffId: int|null, signInName: string, name: string, role: string, permissions: list<string>, branchId: int, branchCode: string, branchName: string, desk: string} $actor */
        $actor = Json::decodeObject($json);

        return new Actor(...$actor);
    }
}
