<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Core\Marc\MalformedRecord;

/**
 * Some records of a file, one after the other.
 */
final readonly class ReadBatch
{
    /**
     * @param array<int, PreparedRecord|MalformedRecord> $records by place in the file
     * @param array<int, string>                         $remarks about characters, by place in the file
     */
    public function __construct(public array $records, public array $remarks)
    {
    }

    /** Derives from each record what comparing it wants, or everything. */
    public function derive(bool $onlyToCompare): void
    {
        foreach ($this->records as $record) {
            if ($record instanceof PreparedRecord) {
                $record->described->derive($onlyToCompare);
            }
        }
    }

    /** The place in the file of the last of them. */
    public function end(): int
    {
        return (int) array_key_last($this->records);
    }
}
