<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

use TinLantern\Catalogue\FieldPairView;

final readonly class ChangedRecordView
{
    /** @param list<FieldPairView> $pairs the fields that differ */
    public function __construct(public int $record, public string $title, public array $pairs)
    {
    }
}
