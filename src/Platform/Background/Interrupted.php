<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

/**
 * The worker is asked to stop in the middle of a task.
 */
final class Interrupted extends \RuntimeException
{
}
