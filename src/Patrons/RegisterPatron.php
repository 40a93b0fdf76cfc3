<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use Psr\Clock\ClockInterface;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Patrons\Entity\Patron;
use TinLantern\Patrons\Repository\Patrons;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Permission;

/**
 * Registers a patron.
 */
final readonly class RegisterPatron
{
    public function __construct(
        private Transaction $transaction,
        private Patrons $patrons,
        private PatronDetailsOf $detailsOf,
        private PatronPage $page,
        private Journal $journal,
        private ClockInterface $clock,
    ) {
    }

    public function __invoke(PatronForm $form, Actor $actor): PatronView
    {
        return $this->transaction->once($form->id, $form, PatronView::class, function () use ($form, $actor): PatronView {
            $details = ($this->detailsOf)($form);
            if (null !== $details->barredBecause) {
                $actor->orRefuse(Permission::BarPatrons);
            }
            $patron = Patron::register($details, $this->clock->now());
            $this->patrons->save($patron);
            $this->journal->tell($actor, 'patron-registered', Subject::Patron, $patron->id(), null, $details->told());

            return $this->page->of($patron->id());
        });
    }
}
