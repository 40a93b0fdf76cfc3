<?php

declare(strict_types=1);

namespace TinLantern\Core\Calendar;

/**
 * When a branch is open: a week that repeats, and days on which it is otherwise. Times are those of the branch's zone, so
 * that a change to summer time keeps the hour on the door.
 */
final readonly class Calendar
{
    private const FAR = 366;

    /**
     * @param array<int, list<Opening>>    $week       openings by weekday, 1 (Monday) to 7
     * @param array<string, list<Opening>> $exceptions openings by day (YYYY-MM-DD); none means closed
     */
    private function __construct(public \DateTimeZone $zone, private array $week, private array $exceptions)
    {
    }

    /** @param array<int, list<Opening>> $week openings by weekday, 1 (Monday) to 7, in their order */
    public static function weekly(\DateTimeZone $zone, array $week): self
    {
        return new self($zone, $week, []);
    }

    public static function openDaily(string $from, string $until, string $zone = 'UTC'): self
    {
        return self::weekly(new \DateTimeZone($zone), array_fill(1, 7, [Opening::parse($from.'-'.$until)]));
    }

    public function closedOn(string $day): self
    {
        return $this->openOn($day);
    }

    public function openOn(string $day, Opening ...$openings): self
    {
        return new self($this->zone, $this->week, [Day::of($day)->iso => array_values($openings)] + $this->exceptions);
    }

    public function closedEvery(int $weekday): self
    {
        return new self($this->zone, [$weekday => []] + $this->week, $this->exceptions);
    }

    public function isOpenOn(Day $day): bool
    {
        return [] !== $this->openings($day);
    }

    /** @throws NeverOpen */
    public function firstOpenDayFrom(Day $day): Day
    {
        return $this->search($day, 1);
    }

    /** @throws NeverOpen */
    public function lastOpenDayUntil(Day $day): Day
    {
        return $this->search($day, -1);
    }

    /** The end of the last opening of an open day. */
    public function closingOf(Day $day): \DateTimeImmutable
    {
        $openings = $this->openings($day);
        if ([] === $openings) {
            throw new \InvalidArgumentException(\sprintf('The branch is closed on %s.', $day->iso));
        }

        return $day->atMinute($openings[\count($openings) - 1]->until, $this->zone);
    }

    public function isOpenAt(\DateTimeImmutable $instant): bool
    {
        $day = Day::at($instant, $this->zone);
        foreach ($this->openings($day) as $opening) {
            if ($instant >= $day->atMinute($opening->from, $this->zone) && $instant <= $day->atMinute($opening->until, $this->zone)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The first moment after this one at which an opening begins.
     *
     * @throws NeverOpen
     */
    public function nextOpeningAfter(\DateTimeImmutable $instant): \DateTimeImmutable
    {
        $day = Day::at($instant, $this->zone);
        for ($tries = 0; $tries < self::FAR; ++$tries) {
            foreach ($this->openings($day) as $opening) {
                $begins = $day->atMinute($opening->from, $this->zone);
                if ($begins > $instant) {
                    return $begins;
                }
            }
            $day = $day->plusDays(1);
        }

        throw NeverOpen::around($day);
    }

    /** @return list<Opening> */
    private function openings(Day $day): array
    {
        return $this->exceptions[$day->iso] ?? $this->week[$day->weekday()] ?? [];
    }

    private function search(Day $day, int $step): Day
    {
        for ($tries = 0; $tries < self::FAR; ++$tries) {
            if ($this->isOpenOn($day)) {
                return $day;
            }
            $day = $day->plusDays($step);
        }

        throw NeverOpen::around($day);
    }
}
