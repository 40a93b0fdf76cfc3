<?php

declare(strict_types=1);

namespace TinLantern\House;

use Doctrine\DBAL\Connection;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Calendar\Opening;
use TinLantern\Core\CallNumber\Scheme;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;

/**
 * Gives an empty house its branches with their openings, collections, shelving locations, lending classes, memberships and
 * loan rules, from a definition as in demo/house.yaml.
 */
final readonly class SetUpHouse
{
    public function __construct(private Transaction $transaction, private Connection $connection, private HouseLists $lists, private Journal $journal)
    {
    }

    public function __invoke(HouseDefinition $house): void
    {
        $this->transaction->run(function () use ($house): void {
            if (false !== $this->connection->fetchOne('SELECT 1 FROM branch LIMIT 1')) {
                throw new Conflict('house-is-set-up', 'This house has branches already. Change them in the house rules.');
            }
            foreach ($house->list('branches') as $branch) {
                $this->addBranch($branch);
            }
            foreach ($house->list('collections') as $collection) {
                $this->connection->insert('collection', ['code' => $collection->text('code'), 'name' => $collection->text('name'), 'scheme' => Scheme::from($collection->text('scheme'))->value]);
                $id = $this->connection->lastInsertId();
                foreach ($collection->list('locations') as $location) {
                    $this->connection->insert('shelving_location', ['code' => $location->text('code'), 'name' => $location->text('name'), 'collection_id' => $id]);
                }
            }
            foreach ($house->list('lendingClasses') as $class) {
                $this->connection->insert('lending_class', ['code' => $class->text('code'), 'name' => $class->text('name'), 'is_reference' => (int) $class->flag('reference')]);
            }
            foreach ($house->list('memberships') as $membership) {
                $this->connection->insert('membership', [
                    'code' => $membership->text('code'),
                    'name' => $membership->text('name'),
                    'months' => $membership->number('months') ?? 12,
                    'loan_limit' => $membership->number('loanLimit'),
                    'overdue_limit' => $membership->number('overdueLimit'),
                ]);
            }
            $this->lists->reset();
            foreach ($house->list('loanRules') as $rule) {
                $this->addLoanRule($rule);
            }
            $branches = $this->lists->branches();
            $main = reset($branches);
            if (false !== $main) {
                $actor = new Actor(null, '', 'Tin Lantern', 'console', [], $main->id, $main->code, $main->name, 'Console');
                $this->journal->tell($actor, 'house-set-up', Subject::House, 1, null, ['branches' => array_column($branches, 'code')]);
            }
        });
    }

    private function addBranch(HouseDefinition $branch): void
    {
        $this->connection->insert('branch', ['code' => $branch->text('code'), 'name' => $branch->text('name')]);
        $id = $this->connection->lastInsertId();
        foreach ($branch->map('openings') as $weekday => $written) {
            foreach (explode(' ', $written) as $times) {
                $opening = Opening::parse($times);
                $this->connection->insert('opening', ['branch_id' => $id, 'weekday' => $weekday, 'opens' => $opening->from, 'closes' => $opening->until]);
            }
        }
        foreach ($branch->map('closed') as $day => $reason) {
            $this->connection->insert('closed_day', ['branch_id' => $id, 'day' => Day::of($day)->iso, 'reason' => $reason]);
        }
    }

    private function addLoanRule(HouseDefinition $rule): void
    {
        $hours = $rule->number('hours');
        $this->connection->insert('loan_rule', [
            'membership_id' => self::named('membership', $rule, $this->lists->membership(...)),
            'lending_class_id' => self::named('lendingClass', $rule, $this->lists->lendingClass(...)),
            'branch_id' => self::named('branch', $rule, $this->lists->branch(...)),
            'period' => $hours ?? $rule->number('days') ?? 21,
            'is_hours' => (int) (null !== $hours),
            'to_previous_open_day' => (int) $rule->flag('toPreviousOpenDay'),
            'within_membership' => (int) $rule->flag('withinMembership'),
            'ends_on' => '' === $rule->text('endsOn') ? null : Day::of($rule->text('endsOn'))->iso,
            'renewals' => $rule->number('renewals') ?? 0,
            'from_due_date' => (int) $rule->flag('fromDueDate'),
            'class_limit' => $rule->number('limit'),
        ]);
    }

    /**
     * What a loan rule names, or null for any.
     *
     * @param \Closure(string): (Membership|LendingClass|Branch|null) $find
     */
    private static function named(string $name, HouseDefinition $rule, \Closure $find): ?int
    {
        $code = $rule->text($name);
        if ('' === $code) {
            return null;
        }

        return $find($code)->id ?? throw new \InvalidArgumentException(\sprintf('A loan rule names the %s "%s", which the house does not have.', $name, $code));
    }
}
