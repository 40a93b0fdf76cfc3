<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

use TinLantern\Core\Calendar\Calendar;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Calendar\NeverOpen;

/**
 * When a loan is due, by the rule and the calendar of the lending branch.
 */
final class DueDate
{
    private const MINUTES_AFTER_OPENING = 15;

    /**
     * @param Day $membershipEnds the last day of the patron's membership
     *
     * @throws NeverOpen when the calendar has no open day to be due on
     */
    public static function ofLoan(LoanRule $rule, Calendar $calendar, \DateTimeImmutable $now, Day $membershipEnds): \DateTimeImmutable
    {
        $due = $rule->period->isHours
            ? self::afterHours($rule->period->amount, $calendar, $now)
            : self::endOfDay(Day::at($now, $calendar->zone)->plusDays($rule->period->amount), $rule->moveToPreviousOpenDay, $calendar);

        return self::notPast(self::latest($rule, $membershipEnds), $due, $calendar);
    }

    /**
     * The due date after a renewal: never earlier than the present one.
     *
     * @throws NeverOpen
     */
    public static function ofRenewal(LoanRule $rule, Calendar $calendar, \DateTimeImmutable $now, \DateTimeImmutable $due, Day $membershipEnds): \DateTimeImmutable
    {
        $renewed = self::ofLoan($rule, $calendar, $rule->fromDueDate ? max($due, $now) : $now, $membershipEnds);

        return max($renewed, $due)->setTimezone($calendar->zone);
    }

    /** The end of a day that a librarian names: its closing time, or, when closed, that of the next open day. */
    public static function onDay(Day $day, Calendar $calendar): \DateTimeImmutable
    {
        return self::endOfDay($day, false, $calendar);
    }

    private static function afterHours(int $hours, Calendar $calendar, \DateTimeImmutable $now): \DateTimeImmutable
    {
        $due = $now->setTimezone(new \DateTimeZone('UTC'))->modify(\sprintf('+%d hours', $hours))->setTimezone($calendar->zone);

        return $calendar->isOpenAt($due) ? $due : $calendar->nextOpeningAfter($due)->modify(\sprintf('+%d minutes', self::MINUTES_AFTER_OPENING));
    }

    private static function endOfDay(Day $day, bool $moveToPreviousOpenDay, Calendar $calendar): \DateTimeImmutable
    {
        return $calendar->closingOf($moveToPreviousOpenDay ? $calendar->lastOpenDayUntil($day) : $calendar->firstOpenDayFrom($day));
    }

    private static function latest(LoanRule $rule, Day $membershipEnds): ?Day
    {
        $ends = array_filter([$rule->withinMembership ? $membershipEnds : null, $rule->endsOn]);

        return [] === $ends ? null : array_reduce($ends, static fn (?Day $first, Day $day): Day => null === $first || $day->isBefore($first) ? $day : $first);
    }

    private static function notPast(?Day $latest, \DateTimeImmutable $due, Calendar $calendar): \DateTimeImmutable
    {
        if (null === $latest || !Day::at($due, $calendar->zone)->isAfter($latest)) {
            return $due;
        }

        return $calendar->closingOf($calendar->lastOpenDayUntil($latest));
    }
}
