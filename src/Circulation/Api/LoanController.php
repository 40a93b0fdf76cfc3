<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Api;

use Symfony\Component\HttpKernel\Attribute\MapQueryParameter;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use TinLantern\Circulation\CheckIn;
use TinLantern\Circulation\CheckInItem;
use TinLantern\Circulation\CheckInView;
use TinLantern\Circulation\CheckOut;
use TinLantern\Circulation\CheckOutItem;
use TinLantern\Circulation\DecisionView;
use TinLantern\Circulation\EndedLoansView;
use TinLantern\Circulation\LoanPage;
use TinLantern\Circulation\LoanView;
use TinLantern\Circulation\MayLend;
use TinLantern\Circulation\Renewal;
use TinLantern\Circulation\RenewLoan;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Api\Needs;
use TinLantern\Platform\Permission;

final class LoanController
{
    private const PAGE = 30;

    /** Lend an item. Refused with 409 and all reasons when the house rules say no. */
    #[Route('/api/loans', methods: 'POST')]
    #[Needs(Permission::Lend)]
    public function checkOut(#[MapRequestPayload] CheckOut $act, Actor $actor, CheckOutItem $checkOut): LoanView
    {
        return $checkOut($act, $actor);
    }

    /** Return an item. */
    #[Route('/api/check-ins', methods: 'POST')]
    #[Needs(Permission::Return)]
    public function checkIn(#[MapRequestPayload] CheckIn $act, Actor $actor, CheckInItem $checkIn): CheckInView
    {
        return $checkIn($act, $actor);
    }

    /** Renew a loan. */
    #[Route('/api/loans/{id}/renewals', requirements: ['id' => '\d{1,9}'], methods: 'POST')]
    #[Needs(Permission::Renew)]
    public function renew(int $id, #[MapRequestPayload] Renewal $act, Actor $actor, RenewLoan $renew): LoanView
    {
        return $renew($id, $act, $actor);
    }

    /** Could this patron take this item now? Answers without lending. */
    #[Route('/api/lending-decisions', methods: 'GET')]
    #[Needs(Permission::Lend)]
    public function mayLend(#[MapQueryParameter] int $patron, #[MapQueryParameter] string $barcode, Actor $actor, MayLend $mayLend): DecisionView
    {
        return $mayLend($patron, $barcode, $actor);
    }

    /**
     * What a patron has now, first due first.
     *
     * @return list<LoanView>
     */
    #[Route('/api/patrons/{id}/loans', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewPatrons)]
    public function open(int $id, LoanPage $page): array
    {
        return $page->openOf($id);
    }

    /** What a patron had, latest first. */
    #[Route('/api/patrons/{id}/ended-loans', requirements: ['id' => '\d{1,9}'], methods: 'GET')]
    #[Needs(Permission::ViewPatrons)]
    public function ended(int $id, LoanPage $page, #[MapQueryParameter] ?int $after = null): EndedLoansView
    {
        $loans = $page->endedOf($id, $after, self::PAGE);

        return new EndedLoansView($loans, self::PAGE === \count($loans) ? $loans[self::PAGE - 1]->id : null);
    }
}
