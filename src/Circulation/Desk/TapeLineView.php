<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

final readonly class TapeLineView
{
    /** @param bool $waits stays lit until somebody has done what it asks for */
    public function __construct(public ScanView $scan, public bool $isTakenBack, public bool $waits)
    {
    }
}
