<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Core\Marc\ItemStatement;

/**
 * A compared record on its way into the catalogue: what is to become of it, and to which record of the catalogue.
 */
final class StagedRecord
{
    public ?int $recordId = null;
    public ?int $versionMade = null;
    /** @var list<string> */
    public array $told = [];

    /** @param list<ItemStatement> $items */
    public function __construct(public readonly int $place, public readonly DescribedRecord $described, public readonly array $items, public Outcome $outcome, public ?int $target)
    {
    }

    public function tell(string $kind, string $sentence): void
    {
        $this->told[] = \sprintf('%s Record %d: %s', $kind, $this->place, $sentence);
    }
}
