<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

/**
 * What a controller that builds its own response answers, for the description of the API.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Answers
{
    /** @param class-string $view */
    public function __construct(public string $view)
    {
    }
}
