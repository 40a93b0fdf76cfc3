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
    ) {
    }

    /** Does somebody have to do something with the item in their hand, read a message about it or count its pieces? */
    public function needsHand(): bool
    {
        $comesIn = $this->checkIn;
        if (null !== $comesIn) {
            return NextStep::Shelve !== $comesIn->nextStep || '' !== $comesIn->item->checkInMessage || $comesIn->item->pieces > 1;
        }

        return ScanOutcome::Lent === $this->outcome && null !== $this->item && ('' !== $this->item->checkOutMessage || $this->item->pieces > 1);
    }
}
