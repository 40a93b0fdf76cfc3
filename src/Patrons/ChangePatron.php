<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

use TinLantern\Journal\Changes;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Patrons\Repository\Patrons;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Permission;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Changes what is known about a patron. A form that began from an older version is refused, never saved over the newer.
 */
final readonly class ChangePatron
{
    public function __construct(
        private Transaction $transaction,
        private Patrons $patrons,
        private PatronDetailsOf $detailsOf,
        private PatronPage $page,
        private Journal $journal,
    ) {
    }

    public function __invoke(int $id, PatronForm $form, Actor $actor): PatronView
    {
        return $this->transaction->once($form->id, (object) ['patron' => $id, 'form' => $form], PatronView::class, function () use ($id, $form, $actor): PatronView {
            $patron = $this->patrons->lock($id) ?? throw NotFound::of('patron', $id);
            if ($form->version !== $patron->version()) {
                throw Conflict::stale('patron', $this->page->of($id));
            }
            $before = $patron->details();
            $after = ($this->detailsOf)($form, $id);
            if ($before->barredBecause !== $after->barredBecause) {
                $actor->orRefuse(Permission::BarPatrons);
            }
            $changes = Changes::between($before->told(), $after->told());
            if (!$changes->areNone()) {
                $patron->describe($after);
                $this->patrons->save($patron);
                $this->journal->tell($actor, 'patron-changed', Subject::Patron, $id, $changes->before, $changes->after);
            }

            return $this->page->of($id);
        });
    }
}
