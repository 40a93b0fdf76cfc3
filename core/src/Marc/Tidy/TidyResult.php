<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Tidy;

use TinLantern\Core\Marc\MarcRecord;

/**
 * A tidied record, and what was done to it.
 */
final readonly class TidyResult
{
    /** @param list<string> $done */
    public function __construct(public MarcRecord $record, public array $done)
    {
    }
}
