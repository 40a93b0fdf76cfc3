<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

final class TooManyTries extends Problem
{
    public function __construct()
    {
        parent::__construct(429, 'Too many tries', 'too-many-tries', 'Too many tries in a short time. Wait five minutes and try again.');
    }
}
