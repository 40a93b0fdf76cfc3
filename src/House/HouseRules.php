<?php

declare(strict_types=1);

namespace TinLantern\House;

use Doctrine\DBAL\Connection;
use Symfony\Contracts\Service\ResetInterface;
use TinLantern\Core\Calendar\Calendar;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Calendar\Opening;
use TinLantern\Core\Lending\LoanPeriod;
use TinLantern\Core\Lending\LoanRule;
use TinLantern\Core\Lending\LoanRules;

/**
 * The library's policy as the core takes it: loan rules, and the calendar of each branch.
 */
final class HouseRules implements ResetInterface
{
    private ?LoanRules $loanRules = null;
    /** @var array<int, Calendar> */
    private array $calendars = [];

    public function __construct(private readonly Connection $connection, private readonly \DateTimeZone $houseZone)
    {
    }

    public function reset(): void
    {
        $this->loanRules = null;
        $this->calendars = [];
    }

    public function loanRules(): LoanRules
    {
        return $this->loanRules ??= new LoanRules($this->listedLoanRules());
    }

    /** @return list<LoanRule> */
    public function listedLoanRules(): array
    {
        $rules = [];
        /** @var array{id: int, membership_id: int|null, lending_class_id: int|null, branch_id: int|null, period: int, is_hours: int, to_previous_open_day: int, within_membership: int, ends_on: string|null, renewals: int, from_due_date: int, class_limit: int|null} $row */
        foreach ($this->connection->iterateAssociative('SELECT * FROM loan_rule ORDER BY id') as $row) {
            $rules[] = new LoanRule(
                $row['id'],
                $row['membership_id'],
                $row['lending_class_id'],
                $row['branch_id'],
                1 === $row['is_hours'] ? LoanPeriod::hours($row['period']) : LoanPeriod::days($row['period']),
                1 === $row['to_previous_open_day'],
                1 === $row['within_membership'],
                null === $row['ends_on'] ? null : Day::of($row['ends_on']),
                $row['renewals'],
                1 === $row['from_due_date'],
                $row['class_limit'],
            );
        }

        return $rules;
    }

    /** @return list<WeekOpening> of all branches */
    public function weekOpenings(): array
    {
        /** @var list<array{branch_id: int, weekday: int, opens: int, closes: int}> $rows */
        $rows = $this->connection->fetchAllAssociative('SELECT branch_id, weekday, opens, closes FROM opening ORDER BY branch_id, weekday, opens');

        return array_map(static fn (array $row): WeekOpening => new WeekOpening($row['branch_id'], $row['weekday'], new Opening($row['opens'], $row['closes'])), $rows);
    }

    public function calendar(int $branchId): Calendar
    {
        return $this->calendars[$branchId] ??= $this->readCalendar($branchId);
    }

    private function readCalendar(int $branchId): Calendar
    {
        $week = [];
        $closed = [];
        $rows = $this->connection->iterateAssociative(
            'SELECT weekday, opens, closes, NULL AS day FROM opening WHERE branch_id = :branch
             UNION ALL SELECT NULL, NULL, NULL, day FROM closed_day WHERE branch_id = :branch ORDER BY weekday, opens',
            ['branch' => $branchId],
        );
        /** @var array{weekday: int|null, opens: int|null, closes: int|null, day: string|null} $row */
        foreach ($rows as $row) {
            if (null !== $row['day']) {
                $closed[] = $row['day'];
            } elseif (null !== $row['weekday'] && null !== $row['opens'] && null !== $row['closes']) {
                $week[$row['weekday']][] = new Opening($row['opens'], $row['closes']);
            }
        }
        $calendar = Calendar::weekly($this->houseZone, $week);
        foreach ($closed as $day) {
            $calendar = $calendar->closedOn($day);
        }

        return $calendar;
    }
}
