<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * What a reader gives instead of a record that it could not read: where it stands and what is wrong with it, as one
 * sentence for the librarian. Reading goes on with the next record.
 */
final readonly class MalformedRecord
{
    /**
     * @param int    $number   the record's place in the file, from 1
     * @param int    $position the byte at which the record begins, from 0
     * @param string $bytes    the record as it stands in the file, to be sent back; may be cut
     */
    public function __construct(public int $number, public int $position, public string $problem, public string $bytes = '')
    {
    }

    public function sentence(): string
    {
        return \sprintf('Record %d (at byte %d): %s', $this->number, $this->position, $this->problem);
    }
}
