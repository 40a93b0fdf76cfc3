<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Lending;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Lending\ItemFacts;
use TinLantern\Core\Lending\ItemStatus;
use TinLantern\Core\Lending\LendingFacts;
use TinLantern\Core\Lending\LendingPolicy;
use TinLantern\Core\Lending\LoanPeriod;
use TinLantern\Core\Lending\LoanRule;
use TinLantern\Core\Lending\Outcome;
use TinLantern\Core\Lending\PatronFacts;
use TinLantern\Core\Lending\Reason;

final class LendingPolicyTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, Outcome, list<string>}> */
    public static function situations(): iterable
    {
        yield 'nothing stands in the way' => [[], Outcome::Yes, []];
        yield 'member until today' => [['membershipEnds' => '2026-03-03'], Outcome::YesWithMessage, ['membership-ends-soon']];
        yield 'member until yesterday' => [['membershipEnds' => '2026-03-02'], Outcome::Refused, ['membership-expired']];
        yield 'barred' => [['barredBecause' => 'owes a telescope'], Outcome::Refused, ['patron-barred']];
        yield 'card lost' => [['cardLost' => true], Outcome::Refused, ['card-reported-lost']];
        yield 'one below the loan limit' => [['loans' => 9], Outcome::Yes, []];
        yield 'at the loan limit' => [['loans' => 10], Outcome::Refused, ['loan-limit-reached']];
        yield 'at the limit of the class' => [['loansOfClass' => 3], Outcome::Refused, ['class-limit-reached']];
        yield 'one overdue' => [['overdue' => 1], Outcome::YesWithMessage, ['has-overdue']];
        yield 'as many overdue as end it' => [['overdue' => 5], Outcome::Refused, ['too-many-overdue']];
        yield 'reference only' => [['isReference' => true], Outcome::Refused, ['reference-only']];
        yield 'in process' => [['status' => ItemStatus::InProcess], Outcome::Refused, ['item-status']];
        yield 'missing, and here it is' => [['status' => ItemStatus::Missing], Outcome::Refused, ['item-status']];
        yield 'with somebody else' => [['status' => ItemStatus::OnLoan, 'due' => '2026-03-20'], Outcome::Refused, ['on-loan-to-another']];
        yield 'with this very person' => [['status' => ItemStatus::OnLoan, 'due' => '2026-03-20', 'theirs' => true], Outcome::Refused, ['already-theirs']];
        yield 'last seen elsewhere' => [['elsewhere' => true], Outcome::YesWithMessage, ['at-another-branch']];
        yield 'no rule' => [['noRule' => true], Outcome::Refused, ['no-loan-rule']];
        yield 'everything at once: every reason is given' => [
            ['membershipEnds' => '2026-01-01', 'barredBecause' => 'x', 'cardLost' => true, 'loans' => 10, 'overdue' => 7, 'isReference' => true, 'status' => ItemStatus::InRepair],
            Outcome::Refused,
            ['membership-expired', 'patron-barred', 'card-reported-lost', 'too-many-overdue', 'reference-only', 'item-status', 'loan-limit-reached'],
        ];
    }

    /**
     * @param array<string, mixed> $situation
     * @param list<string>         $codes
     */
    #[DataProvider('situations')]
    public function testMayThisBeLent(array $situation, Outcome $outcome, array $codes): void
    {
        $decision = (new LendingPolicy())->decide(self::facts($situation));
        self::assertSame($outcome, $decision->outcome());
        self::assertSame($codes, array_map(static fn (Reason $reason): string => $reason->code, $decision->reasons));
    }

    public function testTheReasonKnowsTheFiguresBehindIt(): void
    {
        $decision = (new LendingPolicy())->decide(self::facts(['loans' => 12]));
        self::assertSame(['loans' => 12, 'limit' => 10], $decision->reasons[0]->figures);
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>, bool}> */
    public static function overrides(): iterable
    {
        yield 'limit, with the permission for limits' => [['loans' => 10], ['lending.override-limit'], true];
        yield 'limit, with another permission' => [['loans' => 10], ['lending.override-item'], false];
        yield 'limit and bar, with only one of two' => [['loans' => 10, 'barredBecause' => 'x'], ['lending.override-limit'], false];
        yield 'limit and bar, with both' => [['loans' => 10, 'barredBecause' => 'x'], ['lending.override-limit', 'lending.override-patron'], true];
        yield 'with somebody else: nobody may' => [['status' => ItemStatus::OnLoan, 'due' => '2026-03-20'], ['lending.override-item', 'lending.override-patron', 'lending.override-limit'], false];
        yield 'withdrawn: nobody may' => [['status' => ItemStatus::Withdrawn], ['lending.override-item'], false];
    }

    /**
     * @param array<string, mixed> $situation
     * @param list<string>         $permissions
     */
    #[DataProvider('overrides')]
    public function testWhoMayOverride(array $situation, array $permissions, bool $may): void
    {
        self::assertSame($may, (new LendingPolicy())->decide(self::facts($situation))->canBeLiftedWith($permissions));
    }

    public function testRenewingStopsAtTheLimitOfTheRule(): void
    {
        $facts = self::facts([]);
        self::assertSame(Outcome::Yes, (new LendingPolicy())->decideRenewal($facts->patron, $facts->rule, 1)->outcome());
        $refused = (new LendingPolicy())->decideRenewal($facts->patron, $facts->rule, 2);
        self::assertSame('renewal-limit-reached', $refused->reasons[0]->code);
    }

    /** @param array<string, mixed> $situation */
    private static function facts(array $situation): LendingFacts
    {
        $text = static fn (string $name): ?string => \is_string($situation[$name] ?? null) ? $situation[$name] : null;
        $number = static fn (string $name): int => \is_int($situation[$name] ?? null) ? $situation[$name] : 0;
        $due = $text('due');
        $status = $situation['status'] ?? ItemStatus::Available;
        \assert($status instanceof ItemStatus);

        return new LendingFacts(
            new PatronFacts(Day::of('2026-03-03'), Day::of($text('membershipEnds') ?? '2027-01-01'), $text('barredBecause'), isset($situation['cardLost']), $number('loans'), $number('loansOfClass'), $number('overdue'), 10, 5),
            new ItemFacts($status, isset($situation['isReference']), 'Film & sound', 'Hollow Hill', !isset($situation['elsewhere']), null === $due ? null : Day::of($due), isset($situation['theirs'])),
            isset($situation['noRule']) ? null : new LoanRule(1, null, null, null, LoanPeriod::days(21), renewals: 2, limit: 3),
        );
    }
}
