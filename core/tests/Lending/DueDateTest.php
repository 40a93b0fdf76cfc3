<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Lending;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Calendar\Calendar;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\DueDate;
use TinLantern\Core\Lending\LoanPeriod;
use TinLantern\Core\Lending\LoanRule;

final class DueDateTest extends TestCase
{
    /** @return iterable<string, array{string, LoanRule, Calendar, string}> */
    public static function loans(): iterable
    {
        $open = Calendar::openDaily('09:00', '18:00');
        yield 'two weeks, due day open' => ['2026-03-03 10:00', self::rule(14), $open, '2026-03-17 18:00'];
        yield 'due day is a holiday: next open day' => ['2026-03-03 10:00', self::rule(14), $open->closedOn('2026-03-17'), '2026-03-18 18:00'];
        yield 'due day is a holiday: previous open day, by rule' => ['2026-03-03 10:00', self::rule(14, toPrevious: true), $open->closedOn('2026-03-17'), '2026-03-16 18:00'];
        yield 'a closed week moves it beyond the week' => ['2026-03-03 10:00', self::rule(14), self::closedFrom($open, '2026-03-16', 7), '2026-03-23 18:00'];
        yield 'lent late in the evening' => ['2026-03-03 23:59', self::rule(1), $open, '2026-03-04 18:00'];
        yield 'never beyond the membership, if the rule says so' => ['2026-03-03 10:00', self::rule(60, within: true), $open, '2026-03-31 18:00'];
        yield 'beyond the membership, if the rule does not' => ['2026-03-03 10:00', self::rule(60), $open, '2026-05-02 18:00'];
        yield 'the last day of the membership is closed: the open day before' => ['2026-03-03 10:00', self::rule(60, within: true), $open->closedOn('2026-03-31'), '2026-03-30 18:00'];
        yield 'not past the end of the term' => ['2026-03-03 10:00', self::rule(365, ends: '2026-07-10'), $open, '2026-07-10 18:00'];
        yield 'the earlier of membership and term' => ['2026-03-03 10:00', self::rule(365, within: true, ends: '2026-03-20'), $open, '2026-03-20 18:00'];
        yield 'three hours, still open' => ['2026-03-03 10:00', self::hours(3), $open, '2026-03-03 13:00'];
        yield 'three hours run into the night: next opening and a quarter' => ['2026-03-03 17:00', self::hours(3), $open, '2026-03-04 09:15'];
        yield 'three hours run into a closed day' => ['2026-03-03 17:00', self::hours(3), $open->closedOn('2026-03-04'), '2026-03-05 09:15'];
    }

    #[DataProvider('loans')]
    public function testDue(string $now, LoanRule $rule, Calendar $calendar, string $due): void
    {
        $answer = DueDate::ofLoan($rule, $calendar, new \DateTimeImmutable($now.' UTC'), Day::of('2026-03-31'));
        self::assertSame($due, $answer->format('Y-m-d H:i'));
    }

    public function testSummerTimeKeepsTheHourOnTheDoor(): void
    {
        $zone = new \DateTimeZone('EST5EDT');
        $calendar = Calendar::openDaily('09:00', '18:00', 'EST5EDT');
        $winter = DueDate::ofLoan(self::rule(2), $calendar, new \DateTimeImmutable('2026-03-05 10:00', $zone), Day::of('2027-01-01'));
        $summer = DueDate::ofLoan(self::rule(4), $calendar, new \DateTimeImmutable('2026-03-05 10:00', $zone), Day::of('2027-01-01'));
        self::assertSame('2026-03-07T18:00:00-05:00', $winter->format(\DATE_ATOM));
        self::assertSame('2026-03-09T18:00:00-04:00', $summer->format(\DATE_ATOM));
        $hours = DueDate::ofLoan(self::hours(24), $calendar, new \DateTimeImmutable('2026-03-07 12:00', $zone), Day::of('2027-01-01'));
        self::assertSame('2026-03-08T13:00:00-04:00', $hours->format(\DATE_ATOM));
    }

    /** @return iterable<string, array{string, LoanRule, string, string}> */
    public static function renewals(): iterable
    {
        yield 'from today' => ['2026-03-10 10:00', self::rule(14), '2026-03-17 18:00', '2026-03-24 18:00'];
        yield 'from the old due date' => ['2026-03-10 10:00', self::rule(14, fromDue: true), '2026-03-17 18:00', '2026-03-31 18:00'];
        yield 'never earlier than it was' => ['2026-03-10 10:00', self::rule(3), '2026-03-17 18:00', '2026-03-17 18:00'];
        yield 'overdue, from the old due date: counts from today' => ['2026-03-20 10:00', self::rule(7, fromDue: true), '2026-03-17 18:00', '2026-03-27 18:00'];
    }

    #[DataProvider('renewals')]
    public function testRenewed(string $now, LoanRule $rule, string $due, string $renewed): void
    {
        $calendar = Calendar::openDaily('09:00', '18:00');
        $answer = DueDate::ofRenewal($rule, $calendar, new \DateTimeImmutable($now.' UTC'), new \DateTimeImmutable($due.' UTC'), Day::of('2027-01-01'));
        self::assertSame($renewed, $answer->format('Y-m-d H:i'));
    }

    public function testWhateverTheCalendarALoanIsDueWhenTheBranchIsOpen(): void
    {
        for ($weekday = 1; $weekday <= 7; ++$weekday) {
            $calendar = Calendar::openDaily('10:00', '16:00')->closedEvery($weekday)->closedEvery(1 + $weekday % 7);
            for ($days = 1; $days <= 30; ++$days) {
                $now = new \DateTimeImmutable('2026-03-03 10:00 UTC');
                $due = DueDate::ofLoan(self::rule($days), $calendar, $now, Day::of('2027-01-01'));
                self::assertTrue($calendar->isOpenOn(Day::at($due, $calendar->zone)));
                self::assertSame('16:00', $due->format('H:i'));
                self::assertGreaterThanOrEqual($days, Day::at($due, $calendar->zone)->iso > '2026-03-03' ? $now->diff($due)->days : -1);
            }
        }
    }

    private static function rule(int $days, bool $toPrevious = false, bool $within = false, ?string $ends = null, bool $fromDue = false): LoanRule
    {
        return new LoanRule(1, null, null, null, LoanPeriod::days($days), $toPrevious, $within, null === $ends ? null : Day::of($ends), 2, $fromDue);
    }

    private static function hours(int $hours): LoanRule
    {
        return new LoanRule(1, null, null, null, LoanPeriod::hours($hours));
    }

    private static function closedFrom(Calendar $calendar, string $day, int $days): Calendar
    {
        for ($more = 0; $more < $days; ++$more) {
            $calendar = $calendar->closedOn(Day::of($day)->plusDays($more)->iso);
        }

        return $calendar;
    }
}
