<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Core\Marc\RecordParts;

/**
 * A compared record on its way into the catalogue: what is to become of it, and to which record of the catalogue.
 */
final class StagedRecord
{
    public ?int $recordId = null;
    public ?int $versionMade = null;
    /** @var list<string> */
    public array $told = [];

    public function __construct(public readonly int $place, public readonly RecordParts $parts, public Outcome $outcome, public ?int $target)
    {
        foreach ($parts->remarks as $remark) {
            $this->tell('remark', $remark);
        }
    }

    public function tell(string $kind, string $sentence): void
    {
        $this->told[] = \sprintf('%s Record %d: %s', $kind, $this->place, $sentence);
    }
}
