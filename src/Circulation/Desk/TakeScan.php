<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

use Psr\Clock\ClockInterface;
use TinLantern\Catalogue\RecordLineView;
use TinLantern\Catalogue\RecordQuery;
use TinLantern\Catalogue\SearchRecords;
use TinLantern\Circulation\CheckIn;
use TinLantern\Circulation\CheckInItem;
use TinLantern\Circulation\CheckInView;
use TinLantern\Circulation\CheckOut;
use TinLantern\Circulation\CheckOutItem;
use TinLantern\Circulation\LoanView;
use TinLantern\Circulation\ReasonView;
use TinLantern\Circulation\Renewal;
use TinLantern\Circulation\RenewLoan;
use TinLantern\Circulation\Repository\Loans;
use TinLantern\Core\Matching\Isbn;
use TinLantern\Holdings\ItemPage;
use TinLantern\Holdings\ItemView;
use TinLantern\Patrons\PatronPage;
use TinLantern\Patrons\PatronView;
use TinLantern\Patrons\Repository\Patrons;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\Refused;

/**
 * Takes a scan at a desk: finds out what the code is, does what the lit lane does with it, and writes the line of the tape. All
 * in one transaction, once for each scan, however often it is sent. A refusal is an answer too and stays on the tape.
 */
final readonly class TakeScan
{
    public function __construct(
        private Transaction $transaction,
        private Patrons $patrons,
        private PatronPage $patronPage,
        private ItemPage $itemPage,
        private SearchRecords $search,
        private CheckOutItem $checkOut,
        private CheckInItem $checkIn,
        private RenewLoan $renewLoan,
        private Loans $loans,
        private Tape $tape,
        private ClockInterface $clock,
        private \DateTimeZone $houseZone,
    ) {
    }

    public function __invoke(Scan $scan, Actor $actor): ScanView
    {
        return $this->transaction->once($scan->id, $scan, ScanView::class, function () use ($scan, $actor): ScanView {
            $view = $this->take($scan, trim($scan->code), $actor);
            $this->tape->write($view, $actor);

            return $view;
        });
    }

    private function take(Scan $scan, string $code, Actor $actor): ScanView
    {
        $patronId = $this->patrons->withCard($code);
        if (null !== $patronId) {
            $actor->orRefuse(Permission::ViewPatrons);

            return $this->view($scan, 'patron', ScanOutcome::Shown, patron: $this->patronPage->of($patronId));
        }
        $lane = Lane::from($scan->lane);
        $item = $this->itemPage->withBarcode($code);

        return match (true) {
            null === $item => $this->isbnOrUnknown($scan, $code),
            Lane::Lend === $lane => $this->lend($scan, $code, $item, $actor),
            Lane::Return === $lane => $this->takeIn($scan, $code, $actor),
            Lane::LookUp === $lane => $this->view($scan, 'item', ScanOutcome::Shown, item: $item),
        };
    }

    private function lend(Scan $scan, string $code, ItemView $item, Actor $actor): ScanView
    {
        $actor->orRefuse(Permission::Lend);
        if (null === $scan->patron) {
            throw new Invalid(['patron' => 'Scan the patron\'s card first.']);
        }
        try {
            if ($scan->renew) {
                $renewed = $this->renew($scan, $item, $actor);

                return $this->view($scan, 'item', ScanOutcome::Renewed, loan: $renewed, reasons: $renewed->reasons, journalEntry: $renewed->journalEntry);
            }
            $loan = ($this->checkOut)(new CheckOut($scan->id, $code, $scan->patron, $scan->override, $scan->due), $actor);
        } catch (Refused $refused) {
            /** @var list<ReasonView> $reasons */
            $reasons = $refused->reasons;
            $isTheirs = \in_array('already-theirs', array_column($reasons, 'code'), true);

            return $this->view(
                $scan,
                'item',
                $isTheirs ? ScanOutcome::AlreadyTheirs : ScanOutcome::Refused,
                patron: $this->patronPage->of($scan->patron),
                item: $this->itemPage->of($item->id),
                reasons: $reasons,
                canOverride: $refused->canOverride,
            );
        }

        return $this->view($scan, 'item', ScanOutcome::Lent, item: $item, loan: $loan, reasons: $loan->reasons, journalEntry: $loan->journalEntry);
    }

    private function renew(Scan $scan, ItemView $item, Actor $actor): LoanView
    {
        $actor->orRefuse(Permission::Renew);
        $loanId = $this->loans->openIdOf($item->id) ?? throw new Conflict('loan-ended', 'This loan has ended. Lend the item anew.');

        return ($this->renewLoan)($loanId, new Renewal($scan->id, $scan->override), $actor);
    }

    private function takeIn(Scan $scan, string $code, Actor $actor): ScanView
    {
        $actor->orRefuse(Permission::Return);
        $checkIn = ($this->checkIn)(new CheckIn($scan->id, $code), $actor);

        return $this->view($scan, 'item', ScanOutcome::Returned, checkIn: $checkIn, journalEntry: $checkIn->journalEntry);
    }

    private function isbnOrUnknown(Scan $scan, string $code): ScanView
    {
        $isbn = Isbn::tryFrom($code);
        if (null === $isbn) {
            return $this->view($scan, 'unknown', ScanOutcome::Unknown);
        }
        $found = ($this->search)(new RecordQuery($isbn->thirteen, 'isbn', limit: 5));

        return $this->view($scan, 'isbn', [] === $found->records ? ScanOutcome::Unknown : ScanOutcome::Shown, records: $found->records);
    }

    /**
     * @param list<ReasonView>     $reasons
     * @param list<RecordLineView> $records
     */
    private function view(
        Scan $scan,
        string $takenFor,
        ScanOutcome $outcome,
        ?PatronView $patron = null,
        ?ItemView $item = null,
        ?LoanView $loan = null,
        ?CheckInView $checkIn = null,
        array $reasons = [],
        bool $canOverride = false,
        array $records = [],
        ?int $journalEntry = null,
    ): ScanView {
        $at = $this->clock->now()->setTimezone($this->houseZone);

        return new ScanView($scan->id, $at, Lane::from($scan->lane), trim($scan->code), $takenFor, $outcome, $patron, $item, $loan, $checkIn, $reasons, $canOverride, $records, $journalEntry, ScanView::needsHand($outcome, $item, $checkIn));
    }
}
