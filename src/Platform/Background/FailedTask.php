<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

/**
 * Why a task came to nothing.
 */
final readonly class FailedTask
{
    public function __construct(public string $error)
    {
    }
}
