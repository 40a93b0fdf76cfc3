<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

/**
 * A route for everybody who is signed in, whatever their role.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class SignedIn
{
}
