<?php

declare(strict_types=1);

namespace TinLantern\Platform\Upkeep;

use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/**
 * Does all upkeep of one rhythm; what fails is logged and does not hold up the rest.
 */
#[AsMessageHandler(handles: ItIsTime::class)]
final readonly class DoUpkeep
{
    /** @param iterable<UpkeepWork> $works */
    public function __construct(#[AutowireIterator(UpkeepWork::class)] private iterable $works, private ClockInterface $clock, private LoggerInterface $logger)
    {
    }

    public function __invoke(ItIsTime $message): void
    {
        foreach ($this->works as $work) {
            if ($work->rhythm() !== $message->for) {
                continue;
            }
            try {
                $work($this->clock->now());
            } catch (\Exception $failed) {
                $this->logger->error('{work} failed: {sentence}', ['work' => $work::class, 'sentence' => $failed->getMessage()]);
            }
        }
    }
}
