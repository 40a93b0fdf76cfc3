<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Cql;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use TinLantern\Core\Cql\BooleanQuery;
use TinLantern\Core\Cql\CqlParser;
use TinLantern\Core\Cql\CqlProblem;
use TinLantern\Core\Cql\Query;
use TinLantern\Core\Cql\SearchClause;

/**
 * Whatever other programs send, it is a query or a problem with a number.
 */
final class CqlAtRandomTest extends TestCase
{
    public function testAnythingIsReadOrRefused(): void
    {
        $dice = new Randomizer(new Mt19937(21));
        $tokens = ['tides', '"two words"', 'and', 'OR', 'not', 'prox', '(', ')', '=', '==', '<', '>=', '<>', '/', 'dc.title', 'all', 'any', 'sortBy', '>', '"', '\\"', 'ünder', '*', '^', "\t", 'cql.allRecords'];
        $read = $refused = 0;
        for ($round = 0; $round < 3000; ++$round) {
            $query = [];
            for ($left = $dice->getInt(0, 8); $left > 0; --$left) {
                $query[] = $tokens[$dice->getInt(0, \count($tokens) - 1)];
            }
            try {
                self::assertContainsOnlyInstancesOf(SearchClause::class, self::clauses((new CqlParser())->parse(implode(' ', $query))));
                ++$read;
            } catch (CqlProblem $problem) {
                self::assertGreaterThan(0, $problem->diagnostic);
                ++$refused;
            }
        }
        self::assertGreaterThan(200, $read);
        self::assertGreaterThan(200, $refused);
    }

    public function testAWrittenTreeIsReadAsItself(): void
    {
        $dice = new Randomizer(new Mt19937(22));
        for ($round = 0; $round < 500; ++$round) {
            $tree = self::tree($dice, 3);
            self::assertEquals($tree, (new CqlParser())->parse(self::written($tree)));
        }
    }

    public function testDeepParenthesesAreReadToTheEnd(): void
    {
        $deep = str_repeat('(', 200).'tides'.str_repeat(')', 200);
        self::assertEquals(new SearchClause(SearchClause::SERVER_CHOICE, 'scr', 'tides'), (new CqlParser())->parse($deep));
        $this->expectException(CqlProblem::class);
        (new CqlParser())->parse('('.$deep);
    }

    private static function tree(Randomizer $dice, int $depth): Query
    {
        if (0 === $depth || 0 === $dice->getInt(0, 2)) {
            $terms = ['tides', 'tides of Skellin', 'and', '(', 'say "ahoy"', 'c++', '潮'];

            return new SearchClause(['dc.title', 'bib.name'][$dice->getInt(0, 1)], ['=', 'all', 'any', '<', 'within'][$dice->getInt(0, 4)], $terms[$dice->getInt(0, \count($terms) - 1)]);
        }

        return new BooleanQuery(['and', 'or', 'not'][$dice->getInt(0, 2)], self::tree($dice, $depth - 1), self::tree($dice, $depth - 1));
    }

    private static function written(Query $query): string
    {
        if ($query instanceof SearchClause) {
            return \sprintf('%s %s "%s"', $query->index, $query->relation, addcslashes($query->term, '"\\'));
        }
        self::assertInstanceOf(BooleanQuery::class, $query);

        return \sprintf('(%s) %s (%s)', self::written($query->left), $query->operator, self::written($query->right));
    }

    /** @return list<Query> */
    private static function clauses(Query $query): array
    {
        return $query instanceof BooleanQuery ? [...self::clauses($query->left), ...self::clauses($query->right)] : [$query];
    }
}
