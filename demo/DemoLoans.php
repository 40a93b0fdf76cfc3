<?php

declare(strict_types=1);

namespace TinLantern\Demo;

use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use TinLantern\Circulation\CheckIn;
use TinLantern\Circulation\CheckInItem;
use TinLantern\Circulation\CheckOut;
use TinLantern\Circulation\CheckOutItem;
use TinLantern\Holdings\ChangeItem;
use TinLantern\Holdings\ItemForm;
use TinLantern\Holdings\ItemPage;
use TinLantern\House\HouseLists;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Refused;

/**
 * Three years at the desks, played through day by day with the clock set to each.
 */
final readonly class DemoLoans
{
    private const DAYS = 1095;
    private const LOANS = 5200;
    private const SET_ASIDE = ['missing' => 30, 'in-repair' => 14, 'in-process' => 16, 'withdrawn' => 8];

    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private Transaction $transaction,
        private CheckOutItem $checkOut,
        private CheckInItem $checkIn,
        private ChangeItem $changeItem,
        private ItemPage $itemPage,
        private HouseLists $lists,
    ) {
    }

    /** @param list<int> $patrons */
    public function play(Dice $dice, array $patrons, Actor $actor): void
    {
        $wall = Clock::get();
        $today = $wall->now()->setTime(0, 0);
        try {
            $this->days($dice, [] === $patrons ? [1] : $patrons, $actor, $today);
        } finally {
            Clock::set($wall);
        }
        $this->setAside($dice, $actor);
    }

    /** @param non-empty-list<int> $patrons */
    private function days(Dice $dice, array $patrons, Actor $actor, \DateTimeImmutable $today): void
    {
        $items = $this->lendable();
        $returns = [];
        $perDay = $this->loansPerDay($dice);
        foreach (array_chunk(range(-self::DAYS, -1), 2) as $days) {
            $this->transaction->run(function () use ($days, $dice, $patrons, $actor, $today, $perDay, &$items, &$returns): void {
                foreach ($days as $day) {
                    Clock::set(new MockClock($today->modify(\sprintf('%d days 11:%02d', $day, $dice->between(0, 59)))));
                    foreach ($returns[$day] ?? [] as [$barcode, $branch]) {
                        $this->giveBack($barcode, $dice->percent(3) ? $dice->between(1, 5) : $branch, $actor, $dice);
                        $items[] = [$barcode, $branch];
                    }
                    unset($returns[$day]);
                    for ($count = $perDay[$day + self::DAYS]; $count > 0; --$count) {
                        $this->lend($day, $dice, $patrons, $actor, $today, $items, $returns);
                    }
                }
            });
            $this->entities->clear();
        }
    }

    /**
     * @param non-empty-list<int>                  $patrons
     * @param array<int, array{string, int}>       $items
     * @param array<int, list<array{string, int}>> $returns
     */
    private function lend(int $day, Dice $dice, array $patrons, Actor $actor, \DateTimeImmutable $today, array &$items, array &$returns): void
    {
        $index = $dice->between(0, \count($items) - 1);
        [$barcode, $branch] = $items[$index];
        // A few read much, most read little.
        $patron = $patrons[(int) (($dice->between(0, 999) / 1000) ** 2 * \count($patrons))];
        try {
            $loan = ($this->checkOut)(new CheckOut($dice->uuid(), $barcode, $patron), $this->at($actor, $branch));
        } catch (Refused) {
            return;
        }
        $period = (int) $today->diff($loan->dueAt)->format('%r%a') - $day;
        $late = $dice->percent(12) ? $dice->between(1, 40) : -$dice->between(0, max(0, min(14, $period - 1)));
        $returns[max($day + 1, $day + $period + $late)][] = [$barcode, $branch];
        $last = array_pop($items);
        if (isset($items[$index]) && null !== $last) {
            $items[$index] = $last;
        }
    }

    private function giveBack(string $barcode, int $branch, Actor $actor, Dice $dice): void
    {
        $taken = ($this->checkIn)(new CheckIn($dice->uuid(), $barcode), $this->at($actor, $branch));
        $home = $this->lists->branch($taken->item->branch);
        if (null !== $taken->sendTo && null !== $home && !$dice->percent(20)) {
            ($this->checkIn)(new CheckIn($dice->uuid(), $barcode), $this->at($actor, $home->id));
        }
    }

    private function at(Actor $actor, int $branchId): Actor
    {
        $branch = $this->lists->branches()[$branchId];

        return $actor->at($branch->id, $branch->code, $branch->name);
    }

    /** @return list<array{string, int}> barcode and branch */
    private function lendable(): array
    {
        $items = [];
        $rows = $this->connection->iterateAssociative('SELECT i.barcode, i.branch_id FROM item i JOIN lending_class c ON c.id = i.lending_class_id WHERE c.is_reference = 0 ORDER BY i.id');
        /** @var array{barcode: string, branch_id: int} $row */
        foreach ($rows as $row) {
            $items[] = [$row['barcode'], $row['branch_id']];
        }

        return $items;
    }

    /** @return array<int, int> more in the last weeks, so that the desks have something to do today */
    private function loansPerDay(Dice $dice): array
    {
        $perDay = array_fill(0, self::DAYS, 0);
        for ($count = 0; $count < self::LOANS; ++$count) {
            ++$perDay[$dice->percent(20) ? $dice->between(self::DAYS - 45, self::DAYS - 1) : $dice->between(0, self::DAYS - 1)];
        }

        return $perDay;
    }

    private function setAside(Dice $dice, Actor $actor): void
    {
        $barcodes = $this->connection->fetchFirstColumn("SELECT barcode FROM item WHERE status = 'available' AND id % 97 = 5 ORDER BY id");
        $this->transaction->run(function () use ($barcodes, $dice, $actor): void {
            foreach (self::SET_ASIDE as $status => $count) {
                foreach (array_splice($barcodes, 0, $count) as $barcode) {
                    $item = $this->itemPage->withBarcode(\is_string($barcode) ? $barcode : '');
                    if (null !== $item) {
                        ($this->changeItem)($item->id, new ItemForm(
                            $dice->uuid(),
                            $item->version,
                            $item->barcode,
                            $status,
                            $item->branch,
                            $item->location,
                            $item->lendingClass,
                            $item->prefix,
                            $item->callNumber,
                            $item->suffix,
                            $item->copy,
                            $item->price,
                            $item->acquiredOn?->iso,
                            $item->staffNote,
                        ), $actor);
                    }
                }
            }
        });
    }
}
