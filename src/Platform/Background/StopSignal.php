<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

use Symfony\Component\Console\Event\ConsoleSignalEvent;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/**
 * Remembers that this process was asked to end.
 */
#[AsEventListener]
final class StopSignal
{
    private bool $isGiven = false;

    public function __invoke(ConsoleSignalEvent $event): void
    {
        $this->isGiven = true;
        // The worker ends by itself, behind the message at hand.
        $event->abortExit();
    }

    public function isGiven(): bool
    {
        return $this->isGiven;
    }
}
