<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\ItemFacts;
use TinLantern\Core\Lending\LendingFacts;
use TinLantern\Core\Lending\PatronFacts;
use TinLantern\Holdings\Entity\Item;
use TinLantern\House\HouseLists;
use TinLantern\House\HouseRules;
use TinLantern\Patrons\Entity\Patron;

/**
 * Gathers what a lending decision needs to know.
 */
final readonly class LendingFactsOf
{
    public function __construct(
        private Connection $connection,
        private HouseLists $lists,
        private HouseRules $rules,
        private ClockInterface $clock,
        private \DateTimeZone $houseZone,
    ) {
    }

    public function about(Patron $patron, Item $item, int $branchId): LendingFacts
    {
        $class = $this->lists->lendingClasses()[$item->lendingClassId()];
        $loan = $this->openLoan($item->id());

        return new LendingFacts(
            $this->patron($patron, $class->id),
            new ItemFacts(
                $item->status(),
                $class->isReference,
                $class->name,
                $this->lists->branches()[$item->branchId()]->name,
                $item->atBranchId() === $branchId,
                null === $loan ? null : Day::at(new \DateTimeImmutable($loan['due_at']), $this->houseZone),
                null !== $loan && $loan['patron_id'] === $patron->id(),
            ),
            $this->rules->loanRules()->choose($patron->membershipId(), $class->id, $branchId),
        );
    }

    public function patron(Patron $patron, int $lendingClassId): PatronFacts
    {
        $membership = $this->lists->memberships()[$patron->membershipId()];
        $now = $this->clock->now();
        /** @var array{loans: int, of_class: int, overdue: int} $counts */
        $counts = $this->connection->fetchAssociative(
            'SELECT COUNT(*) AS loans, CAST(COALESCE(SUM(i.lending_class_id = :class), 0) AS UNSIGNED) AS of_class, CAST(COALESCE(SUM(l.due_at < :now), 0) AS UNSIGNED) AS overdue
             FROM loan l JOIN item i ON i.id = l.item_id WHERE l.open_patron_id = :patron',
            ['class' => $lendingClassId, 'now' => $now->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s'), 'patron' => $patron->id()],
        );

        return new PatronFacts(
            Day::at($now, $this->houseZone),
            $patron->expiresOn(),
            $patron->barredBecause(),
            $patron->isCardLost(),
            $counts['loans'],
            $counts['of_class'],
            $counts['overdue'],
            $membership->loanLimit,
            $membership->overdueLimit,
        );
    }

    /** @return array{patron_id: int, due_at: string}|null */
    private function openLoan(int $itemId): ?array
    {
        /** @var array{patron_id: int, due_at: string}|false $loan */
        $loan = $this->connection->fetchAssociative('SELECT patron_id, due_at FROM loan WHERE open_item_id = ?', [$itemId]);

        return false === $loan ? null : $loan;
    }
}
