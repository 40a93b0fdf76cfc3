<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

final readonly class RemarkView
{
    /** @param int $field the place of the field in the record, from 0; -1 for the leader or a field that is missing */
    public function __construct(public int $field, public string $tag, public string $code, public string $sentence)
    {
    }
}
