<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Calendar;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Calendar\Calendar;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Calendar\NeverOpen;
use TinLantern\Core\Calendar\Opening;

final class CalendarTest extends TestCase
{
    /** @return iterable<string, array{string, int, string}> */
    public static function days(): iterable
    {
        yield 'over the end of a month' => ['2026-01-31', 1, '2026-02-01'];
        yield 'over a leap day' => ['2028-02-28', 2, '2028-03-01'];
        yield 'back over the new year' => ['2026-01-01', -1, '2025-12-31'];
    }

    #[DataProvider('days')]
    public function testDaysAreCountedByTheCalendar(string $from, int $days, string $to): void
    {
        self::assertSame($to, Day::of($from)->plusDays($days)->iso);
    }

    public function testThereAreDaysThatDoNotExist(): void
    {
        self::assertNull(Day::tryFrom('2026-02-29'));
        self::assertNull(Day::tryFrom('17.3.2026'));
        $this->expectExceptionMessage('"2026-02-30" is no day');
        Day::of('2026-02-30');
    }

    public function testABranchWithALunchBreakClosesAtTheEndOfTheDay(): void
    {
        $calendar = Calendar::weekly(new \DateTimeZone('UTC'), [3 => [Opening::parse('09:00-12:00'), Opening::parse('14:00-17:00')]]);
        self::assertSame('17:00', $calendar->closingOf(Day::of('2026-03-04'))->format('H:i'));
        self::assertTrue($calendar->isOpenAt(new \DateTimeImmutable('2026-03-04 11:59 UTC')));
        self::assertFalse($calendar->isOpenAt(new \DateTimeImmutable('2026-03-04 13:00 UTC')));
        self::assertSame('2026-03-04 14:00', $calendar->nextOpeningAfter(new \DateTimeImmutable('2026-03-04 12:30 UTC'))->format('Y-m-d H:i'));
        self::assertSame('2026-03-11 09:00', $calendar->nextOpeningAfter(new \DateTimeImmutable('2026-03-04 15:00 UTC'))->format('Y-m-d H:i'));
    }

    public function testAnExceptionStandsAboveTheWeek(): void
    {
        $calendar = Calendar::openDaily('09:00', '18:00')->closedEvery(7)->closedOn('2026-03-17')->openOn('2026-03-22', Opening::parse('10:00-12:00'));
        self::assertFalse($calendar->isOpenOn(Day::of('2026-03-17')));
        self::assertFalse($calendar->isOpenOn(Day::of('2026-03-15')));
        self::assertSame('12:00', $calendar->closingOf(Day::of('2026-03-22'))->format('H:i'));
    }

    public function testABranchThatNeverOpensSaysSo(): void
    {
        $this->expectException(NeverOpen::class);
        Calendar::weekly(new \DateTimeZone('UTC'), [])->firstOpenDayFrom(Day::of('2026-03-17'));
    }

    /** @return iterable<array{string}> */
    public static function faultyOpenings(): iterable
    {
        yield ['18:00-09:00'];
        yield ['09:00'];
        yield ['09:00-25:00'];
    }

    #[DataProvider('faultyOpenings')]
    public function testAnOpeningBeginsBeforeItEnds(string $written): void
    {
        $this->expectException(\InvalidArgumentException::class);
        Opening::parse($written);
    }
}
