<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Lending;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use TinLantern\Core\Calendar\Calendar;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Calendar\Opening;
use TinLantern\Core\Lending\DueDate;
use TinLantern\Core\Lending\LoanPeriod;
use TinLantern\Core\Lending\LoanRule;

/**
 * What must hold of a due date whatever the rule, the calendar and the hour.
 */
final class DueDatePropertiesTest extends TestCase
{
    private Randomizer $dice;

    protected function setUp(): void
    {
        $this->dice = new Randomizer(new Mt19937(41));
    }

    public function testALoanInDaysEndsWhenTheBranchCloses(): void
    {
        for ($round = 0; $round < 400; ++$round) {
            $calendar = $this->calendar();
            $now = $this->instant();
            $period = $this->dice->getInt(1, 60);
            $due = DueDate::ofLoan(new LoanRule(1, null, null, null, LoanPeriod::days($period)), $calendar, $now, Day::of('2030-01-01'));
            $day = Day::at($due, $calendar->zone);
            self::assertEquals($calendar->closingOf($day), $due);
            self::assertFalse($day->isBefore(Day::at($now, $calendar->zone)->plusDays($period)), 'never shorter than the rule says');
            self::assertEquals($day, $calendar->firstOpenDayFrom(Day::at($now, $calendar->zone)->plusDays($period)), 'and no open day is passed over');
        }
    }

    public function testALoanInHoursEndsWhileTheBranchIsOpen(): void
    {
        for ($round = 0; $round < 400; ++$round) {
            $calendar = $this->calendar();
            $now = $this->instant();
            $hours = $this->dice->getInt(1, 72);
            $due = DueDate::ofLoan(new LoanRule(1, null, null, null, LoanPeriod::hours($hours)), $calendar, $now, Day::of('2030-01-01'));
            self::assertTrue($calendar->isOpenAt($due));
            self::assertGreaterThanOrEqual($hours * 3600, $due->getTimestamp() - $now->getTimestamp());
        }
    }

    public function testNoLoanGoesPastWhatTheRuleEndsWith(): void
    {
        for ($round = 0; $round < 400; ++$round) {
            $calendar = $this->calendar();
            $now = $this->instant();
            $term = Day::at($now, $calendar->zone)->plusDays($this->dice->getInt(20, 90));
            $membership = Day::at($now, $calendar->zone)->plusDays($this->dice->getInt(20, 90));
            $rule = new LoanRule(1, null, null, null, LoanPeriod::days($this->dice->getInt(1, 120)), withinMembership: true, endsOn: $term);
            $day = Day::at(DueDate::ofLoan($rule, $calendar, $now, $membership), $calendar->zone);
            self::assertFalse($day->isAfter($term));
            self::assertFalse($day->isAfter($membership));
        }
    }

    public function testARenewalNeverMakesADueDateEarlier(): void
    {
        for ($round = 0; $round < 400; ++$round) {
            $calendar = $this->calendar();
            $now = $this->instant();
            $rule = new LoanRule(1, null, null, null, 0 === $round % 3 ? LoanPeriod::hours(5) : LoanPeriod::days(14), withinMembership: true, fromDueDate: 0 === $round % 2);
            $due = DueDate::ofLoan($rule, $calendar, $now, Day::of('2026-06-30'));
            $renewed = DueDate::ofRenewal($rule, $calendar, $now->modify('+'.$this->dice->getInt(0, 400).' hours'), $due, Day::of('2026-06-30'));
            self::assertGreaterThanOrEqual($due, $renewed);
        }
    }

    public function testWhoBorrowsLaterReturnsNoEarlier(): void
    {
        for ($round = 0; $round < 400; ++$round) {
            $calendar = $this->calendar();
            $now = $this->instant();
            $rule = new LoanRule(1, null, null, null, 0 === $round % 2 ? LoanPeriod::hours(7) : LoanPeriod::days(7), moveToPreviousOpenDay: 0 === $round % 3);
            $first = DueDate::ofLoan($rule, $calendar, $now, Day::of('2030-01-01'));
            self::assertGreaterThanOrEqual($first, DueDate::ofLoan($rule, $calendar, $now->modify('+'.$this->dice->getInt(1, 5000).' minutes'), Day::of('2030-01-01')));
        }
    }

    /** Open on some weekdays, in one or two pieces, with days on which it is otherwise; over a change to summer time. */
    private function calendar(): Calendar
    {
        $week = [];
        foreach (range(1, 7) as $weekday) {
            if (1 === $weekday || $this->dice->getInt(0, 2) > 0) {
                $week[$weekday] = 0 === $this->dice->getInt(0, 3) ? [Opening::parse('09:00-12:00'), Opening::parse('14:30-18:00')] : [Opening::parse('10:00-19:30')];
            }
        }
        $calendar = Calendar::weekly(new \DateTimeZone(['UTC', 'EST5EDT', 'Etc/GMT-10'][$this->dice->getInt(0, 2)]), $week);
        foreach (range(0, $this->dice->getInt(0, 8)) as $unused) {
            $day = Day::of('2026-03-01')->plusDays($this->dice->getInt(0, 120))->iso;
            $calendar = 0 === $this->dice->getInt(0, 2) ? $calendar->openOn($day, Opening::parse('11:00-13:00')) : $calendar->closedOn($day);
        }

        return $calendar;
    }

    private function instant(): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('2026-03-01 00:00 UTC'))->modify('+'.$this->dice->getInt(0, 60 * 24 * 60).' minutes');
    }
}
