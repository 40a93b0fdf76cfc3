<?php

declare(strict_types=1);

namespace TinLantern\Journal;

use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;
use Symfony\Contracts\Service\ServiceProviderInterface;
use TinLantern\Platform\ActId;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Takes back an act, when nothing newer stands in the way.
 */
final readonly class TakeBack
{
    /** @param ServiceProviderInterface<Reversal> $reversals */
    public function __construct(
        private Transaction $transaction,
        private Journal $journal,
        #[AutowireLocator(Reversal::class, defaultIndexMethod: 'act')]
        private ServiceProviderInterface $reversals,
    ) {
    }

    public function __invoke(int $entryId, ActId $request, Actor $actor): TakenBackView
    {
        return $this->transaction->once($request->id, (object) ['entry' => $entryId], TakenBackView::class, function () use ($entryId, $actor): TakenBackView {
            $entry = $this->journal->entry($entryId) ?? throw NotFound::of('journal entry', $entryId);
            if ($entry->isTakenBack) {
                throw new Conflict('already-taken-back', 'This was taken back already.');
            }
            if (!$this->reversals->has($entry->act)) {
                throw new Conflict('not-reversible', 'This cannot be taken back.');
            }
            $reversal = $this->reversals->get($entry->act);
            $actor->orRefuse($reversal::needs());
            $by = $reversal->takeBack($entry, $actor);
            $this->journal->markTakenBack($entry->id, $by);

            return new TakenBackView($entry->id, $by);
        });
    }
}
