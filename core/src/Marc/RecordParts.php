<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * A record divided: the record proper, its items, and what was odd about the item fields, as sentences.
 */
final readonly class RecordParts
{
    /**
     * @param list<ItemStatement> $items
     * @param list<string>        $remarks
     */
    public function __construct(public MarcRecord $record, public array $items, public array $remarks)
    {
    }
}
