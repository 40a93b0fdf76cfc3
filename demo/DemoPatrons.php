<?php

declare(strict_types=1);

namespace TinLantern\Demo;

use Psr\Clock\ClockInterface;
use TinLantern\Core\Search\Fold;
use TinLantern\Patrons\PatronForm;
use TinLantern\Patrons\RegisterPatron;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;

/**
 * The borrowers of the Vesper Isles.
 */
final readonly class DemoPatrons
{
    private const COUNT = 900;

    public function __construct(private RegisterPatron $register, private Transaction $transaction, private ClockInterface $clock)
    {
    }

    /** @return list<int> their ids */
    public function register(Dice $dice, Actor $actor): array
    {
        $ids = [];
        for ($number = 1; $number <= self::COUNT; $number += 100) {
            array_push($ids, ...$this->transaction->run(function () use ($number, $dice, $actor): array {
                $some = [];
                for ($next = $number; $next < $number + 100; ++$next) {
                    $some[] = ($this->register)($this->form($next, $dice), $actor)->id;
                }

                return $some;
            }));
        }

        return $ids;
    }

    private function form(int $number, Dice $dice): PatronForm
    {
        $today = $this->clock->now();
        $family = 1 === $number ? 'Venn' : $dice->one(Words::FAMILY);
        $given = 1 === $number ? 'Mara' : $dice->one(Words::GIVEN);
        $membership = 1 === $number ? 'ADULT' : (string) $dice->weighted(['ADULT' => 52, 'YOUNG' => 24, 'HOUSE' => 12, 'CREW' => 7, 'GROUP' => 2, 'STAFF' => 3]);
        $age = 'YOUNG' === $membership ? $dice->between(5, 16) : $dice->between(17, 88);
        $daysLeft = $number > 5 && $dice->percent(7) ? -$dice->between(1, 120) : $dice->between(3, 360);

        return new PatronForm(
            $dice->uuid(),
            null,
            \sprintf('P%07d', $number),
            $family,
            $given,
            $today->modify(\sprintf('-%d days', $age * 365 + $dice->between(0, 364)))->format('Y-m-d'),
            $dice->percent(70) ? preg_replace('/[^a-z.]/', '', Fold::text($given.'.'.$family)).$number.'@post.vesper.example' : null,
            $dice->percent(60) ? \sprintf('0%d %03d %03d', $dice->between(2, 6), $dice->between(100, 999), $dice->between(0, 999)) : null,
            \sprintf("%d %s\n%s", $dice->between(1, 80), $dice->one(Words::STREETS), $dice->one(Words::PLACES)),
            'YOUNG' === $membership ? (string) $dice->weighted(['LAN' => 40, 'SAL' => 50, 'HOL' => 10]) : (string) $dice->weighted(['LAN' => 62, 'QUA' => 14, 'SAL' => 8, 'HOL' => 11, 'TER' => 5]),
            $membership,
            $today->modify(\sprintf('%+d days', $daysLeft))->format('Y-m-d'),
            $number > 5 && 1 === $dice->between(1, 60) ? $dice->one(['Returned books wet three times', 'Address unknown, mail came back', 'Owes a telescope']) : null,
            $number > 5 && 1 === $dice->between(1, 80),
            3 === $number ? 'Collects for a neighbour on Hollow Hill.' : null,
        );
    }
}
