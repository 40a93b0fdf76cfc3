<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use TinLantern\Core\Lending\LendingPolicy;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Patrons\Repository\Patrons;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\NotFound;

/**
 * Could this patron take this item now? Asked without doing it.
 */
final readonly class MayLend
{
    public function __construct(private Transaction $transaction, private Items $items, private Patrons $patrons, private LendingFactsOf $facts, private LendingPolicy $policy)
    {
    }

    public function __invoke(int $patronId, string $barcode, Actor $actor): DecisionView
    {
        return $this->transaction->run(function () use ($patronId, $barcode, $actor): DecisionView {
            $item = $this->items->lockByBarcode($barcode) ?? throw NotFound::of('item with barcode', $barcode);
            $patron = $this->patrons->lock($patronId) ?? throw NotFound::of('patron', $patronId);
            $decision = $this->policy->decide($this->facts->about($patron, $item, $actor->branchId));

            return new DecisionView($decision->outcome(), ReasonView::listOf($decision), $decision->canBeLiftedWith($actor->permissions));
        });
    }
}
