<?php

declare(strict_types=1);

namespace TinLantern\Platform\Api;

use TinLantern\Platform\Permission;

/**
 * The permission without which a route answers 403.
 */
#[\Attribute(\Attribute::TARGET_METHOD)]
final readonly class Needs
{
    public function __construct(public Permission $permission)
    {
    }
}
