<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

/**
 * A fetched record, how it is to be tidied, and what it is to become. Asked without doing anything.
 */
final readonly class TakeOver
{
    /**
     * @param string                           $text   the fetched record in the canonical text form
     * @param string                           $tidy   code of the tidy rules
     * @param list<array<string, string>>|null $steps  tidy rules that are tried out before they are saved; instead of those of the code
     * @param string                           $as     new, overlay (ours becomes theirs but keeps its local fields) or merge (ours gets the fields that it lacks)
     * @param int|null                         $record ours, for overlay and merge
     */
    public function __construct(public string $text = '', public string $tidy = 'standard', public ?array $steps = null, public string $as = 'new', public ?int $record = null)
    {
    }
}
