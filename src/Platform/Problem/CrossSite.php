<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

final class CrossSite extends Problem
{
    public function __construct()
    {
        parent::__construct(403, 'Not from here', 'cross-site', 'Send this from Tin Lantern itself, with the header X-Tin-Lantern: 1.');
    }
}
