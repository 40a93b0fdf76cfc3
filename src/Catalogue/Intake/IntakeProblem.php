<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * Something about one record of the file, as a sentence.
 */
final readonly class IntakeProblem
{
    /** @param string $kind failed (not taken in), skipped (not for a catalogue), again (the file has it twice), item (the record is in, an item is not), remark */
    public function __construct(public int $record, public string $kind, public string $sentence)
    {
    }
}
