<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * A record of a file in a list.
 */
final readonly class IntakeRecordLineView
{
    /**
     * @param int          $place     in the file, from 1
     * @param string       $kind      new, match, again, broken, unfit
     * @param list<string> $said      why it is that, what is odd about it, and what could not be done with it, as sentences
     * @param string|null  $matchedOn control, isbn, issn or title
     * @param float|null   $likeness  from 0 to 1
     * @param string|null  $choice    what was chosen for this one: replace, merge, items, keep, skip, add
     * @param string|null  $outcome   what became of it: added, replaced, merged, items, skipped; removed or restored after taking back
     */
    public function __construct(
        public int $place,
        public string $kind,
        public string $title,
        public array $said,
        public ?int $match,
        public ?string $matchedOn,
        public ?float $likeness,
        public ?int $sameAs,
        public ?string $choice,
        public ?string $outcome,
        public ?int $record,
    ) {
    }
}
