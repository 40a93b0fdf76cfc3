<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

final class NotPermitted extends Problem
{
    public function __construct(string $permission)
    {
        parent::__construct(403, 'Not permitted', 'not-permitted', \sprintf('Your role does not include the permission "%s". Ask somebody who may, or an administrator for the permission.', $permission), ['permission' => $permission]);
    }
}
