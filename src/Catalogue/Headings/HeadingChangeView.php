<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

/**
 * What changing a heading changes, or has changed.
 */
final readonly class HeadingChangeView
{
    /**
     * @param list<ChangedRecordView> $examples     the first of the records, in a preview
     * @param int|null                $journalEntry for taking it back; null in a preview
     */
    public function __construct(public int $records, public array $examples, public ?int $journalEntry)
    {
    }
}
