<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

/**
 * A route that needs no sign-in, and why that is right.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class OpenToAll
{
    public function __construct(public string $because)
    {
    }
}
