<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Tidy;

use TinLantern\Core\Marc\MarcRecord;

/**
 * What is removed, added or changed in a fetched record, step by step in this order.
 */
final readonly class TidyRules
{
    /** @param list<TidyStep> $steps */
    public function __construct(public array $steps)
    {
    }

    public function apply(MarcRecord $record): TidyResult
    {
        $done = [];
        foreach ($this->steps as $step) {
            $record = $step->apply($record, $done);
        }

        return new TidyResult($record, $done);
    }
}
