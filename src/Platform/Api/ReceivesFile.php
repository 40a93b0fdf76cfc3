<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

/**
 * The body of a request to this route is a file, byte for byte.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class ReceivesFile
{
}
