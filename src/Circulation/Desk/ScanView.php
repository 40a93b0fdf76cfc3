<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

use TinLantern\Catalogue\RecordLineView;
use TinLantern\Circulation\CheckInView;
use TinLantern\Circulation\LoanView;
use TinLantern\Circulation\NextStep;
use TinLantern\Circulation\ReasonView;
use TinLantern\Holdings\ItemView;
use TinLantern\Patrons\PatronView;

/**
 * What a scan was taken for and what came of it: one line of the tape.
 */
final readonly class ScanView
{
    /**
     * @param string               $takenFor     patron, item, isbn or unknown
     * @param list<ReasonView>     $reasons
     * @param list<RecordLineView> $records      for an ISBN
     * @param int|null             $journalEntry for taking it back
     * @param bool                 $waits        for a hand
     */
    public function __construct(
        public string $id,
        public \DateTimeImmutable $at,
        public Lane $lane,
        public string $code,
        public string $takenFor,
        public ScanOutcome $outcome,
        public ?PatronView $patron = null,
        public ?ItemView $item = null,
        public ?LoanView $loan = null,
        public ?CheckInView $checkIn = null,
        public array $reasons = [],
        public bool $canOverride = false,
        public array $records = [],
        public ?int $journalEntry = null,
        public bool $waits = false,
    ) {
    }

    /** Has somebody to do something with the item in their hand, to read a message about it or to count its pieces? */
    public static function needsHand(ScanOutcome $outcome, ?ItemView $item, ?CheckInView $comesIn): bool
    {
        if (null !== $comesIn) {
            return NextStep::Shelve !== $comesIn->nextStep || '' !== $comesIn->item->checkInMessage || $comesIn->item->pieces > 1;
        }

        return ScanOutcome::Lent === $outcome && null !== $item && ('' !== $item->checkOutMessage || $item->pieces > 1);
    }
}
