<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What taking back an intake has done, and what it has left.
 */
final readonly class TakenBackReport
{
    /**
     * @param int              $removed  added records that are gone again
     * @param int              $restored records that are as they were before
     * @param list<LeftRecord> $left
     */
    public function __construct(public int $intake, public int $removed, public int $restored, public array $left)
    {
    }
}
