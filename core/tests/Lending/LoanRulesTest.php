<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Lending;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Lending\LoanPeriod;
use TinLantern\Core\Lending\LoanRule;
use TinLantern\Core\Lending\LoanRules;

final class LoanRulesTest extends TestCase
{
    private const ADULT = 1;
    private const BOOK = 10;
    private const LANTERN_HOUSE = 100;

    /** @return iterable<string, array{list<array{int, int|null, int|null, int|null}>, int|null}> */
    public static function choices(): iterable
    {
        yield 'no rule at all' => [[], null];
        yield 'only the rule for everything' => [[[1, null, null, null]], 1];
        yield 'more conditions win' => [[[1, null, null, null], [2, self::ADULT, self::BOOK, null], [3, null, null, self::LANTERN_HOUSE]], 2];
        yield 'of those with as many, the one for the branch' => [[[1, self::ADULT, self::BOOK, null], [2, self::ADULT, null, self::LANTERN_HOUSE]], 2];
        yield 'then the one for the lending class' => [[[1, self::ADULT, null, null], [2, null, self::BOOK, null]], 2];
        yield 'the branch before the class' => [[[1, null, self::BOOK, null], [2, null, null, self::LANTERN_HOUSE]], 2];
        yield 'then the older' => [[[5, null, self::BOOK, null], [4, null, self::BOOK, null]], 4];
        yield 'a rule for somebody else does not apply' => [[[1, 2, self::BOOK, self::LANTERN_HOUSE]], null];
    }

    /** @param list<array{int, int|null, int|null, int|null}> $rules */
    #[DataProvider('choices')]
    public function testTheMostSpecificRuleWins(array $rules, ?int $chosen): void
    {
        $all = array_map(static fn (array $rule): LoanRule => new LoanRule($rule[0], $rule[1], $rule[2], $rule[3], LoanPeriod::days(21)), $rules);
        foreach ([$all, array_reverse($all)] as $inAnyOrder) {
            self::assertSame($chosen, (new LoanRules($inAnyOrder))->choose(self::ADULT, self::BOOK, self::LANTERN_HOUSE)?->id);
        }
    }
}
