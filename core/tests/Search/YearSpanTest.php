<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Search;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Search\YearSpan;

final class YearSpanTest extends TestCase
{
    /** @return iterable<string, array{string, string, list<string>}> */
    public static function spans(): iterable
    {
        yield 'one year' => ['within', '1987 1987', ['1987']];
        yield 'a decade' => ['within', '1980 1989', ['198']];
        yield 'a century' => ['within', '1900 1999', ['19']];
        yield 'both ends inside a decade' => ['within', '1988 2001', ['1988', '1989', '199', '2000', '2001']];
        yield 'with a hyphen' => ['within', '2010-2011', ['2010', '2011']];
        yield 'the wrong way round' => ['within', '2011 2010', []];
        yield 'after' => ['>', '2989', ['299']];
        yield 'from' => ['>=', '2989', ['2989', '299']];
        yield 'before' => ['<', '1002', ['1000', '1001']];
        yield 'up to' => ['<=', '1002', ['1000', '1001', '1002']];
        yield 'before all' => ['<', '1000', []];
    }

    /** @param list<string> $beginnings */
    #[DataProvider('spans')]
    public function testASpanIsAskedForByBeginnings(string $relation, string $term, array $beginnings): void
    {
        self::assertSame($beginnings, YearSpan::compared($relation, $term)?->beginnings());
    }

    public function testTheBeginningsReachTheYearsOfTheSpanAndNoOthers(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 300; ++$round) {
            $from = mt_rand(1400, 2050);
            $to = mt_rand(1400, 2050);
            $beginnings = YearSpan::compared('within', "{$from} {$to}")?->beginnings() ?? [];
            self::assertLessThan(60, \count($beginnings));
            $reached = [];
            foreach ($beginnings as $beginning) {
                array_push($reached, ...range((int) str_pad($beginning, 4, '0'), (int) str_pad($beginning, 4, '9')));
            }
            self::assertSame($from <= $to ? range($from, $to) : [], $reached);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function noYears(): iterable
    {
        yield 'a word' => ['>', 'lately'];
        yield 'a day' => ['<', '2019-03-04'];
        yield 'two years where one is wanted' => ['>=', '2018 2019'];
        yield 'one year where two are wanted' => ['within', '2019'];
    }

    #[DataProvider('noYears')]
    public function testWhatIsNoYearIsNoSpan(string $relation, string $term): void
    {
        self::assertNull(YearSpan::compared($relation, $term));
    }
}
