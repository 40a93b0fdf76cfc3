<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Cql;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Cql\BooleanQuery;
use TinLantern\Core\Cql\CqlParser;
use TinLantern\Core\Cql\CqlProblem;
use TinLantern\Core\Cql\Query;
use TinLantern\Core\Cql\SearchClause;
use TinLantern\Core\Cql\SortKey;

final class CqlParserTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function queries(): iterable
    {
        yield 'a word' => ['tides', '[cql.serverchoice scr tides]'];
        yield 'a quoted text' => ['"tides of (Skellin)"', '[cql.serverchoice scr tides of (Skellin)]'];
        yield 'an index' => ['dc.title = tides', '[dc.title = tides]'];
        yield 'without blanks' => ['dc.title="tides of Skellin"', '[dc.title = tides of Skellin]'];
        yield 'a named relation in any case' => ['dc.title ALL "tides Skellin"', '[dc.title all tides Skellin]'];
        yield 'a relation of the cql set' => ['title cql.any "a b"', '[title any a b]'];
        yield 'modifiers' => ['dc.title =/stem/locale=en tides', '[dc.title = tides]'];
        yield 'booleans from left to right' => ['a and b or c not d', '((([a] and [b]) or [c]) not [d])'];
        yield 'parentheses' => ['a and (b or c)', '([a] and ([b] or [c]))'];
        yield 'a boolean with a modifier' => ['a prox/distance<3 b', '([a] prox [b])'];
        yield 'a quoted boolean is a term' => ['a and "or"', '([a] and [or])'];
        yield 'an escaped quotation mark' => ['"say \\"ahoy\\""', '[cql.serverchoice scr say "ahoy"]'];
        yield 'a prefix assignment' => ['> dc = "info:x" dc.title = tides', '[dc.title = tides]'];
        yield 'sorted' => ['tides sortBy dc.date/sort.descending', '[cql.serverchoice scr tides]'];
        yield 'other scripts' => ['dc.title = 潮', '[dc.title = 潮]'];
    }

    #[DataProvider('queries')]
    public function testAQueryIsRead(string $query, string $tree): void
    {
        self::assertSame($tree, str_replace(\count(array_filter(['[a]', '[b]'], static fn (string $part): bool => str_contains($tree, $part))) > 0 ? 'cql.serverchoice scr ' : "\0", '', self::written((new CqlParser())->parse($query))));
    }

    /** @return iterable<string, array{string, list<SortKey>}> */
    public static function sorted(): iterable
    {
        yield 'not at all' => ['tides', []];
        yield 'by one index' => ['tides sortBy dc.title', [new SortKey('dc.title')]];
        yield 'the last first' => ['tides SORTBY dc.date/sort.descending', [new SortKey('dc.date', true)]];
        yield 'by two, with what is read over' => ['a or b sortby Title/sort.ignoreCase/sort.ascending dc.date/sort.missingValue=omit/Sort.Descending', [new SortKey('title'), new SortKey('dc.date', true)]];
        yield 'a quoted word is no sorting' => ['a and "sortBy"', []];
    }

    /** @param list<SortKey> $keys */
    #[DataProvider('sorted')]
    public function testHowAResultIsSortedIsRead(string $query, array $keys): void
    {
        self::assertEquals($keys, (new CqlParser())->read($query)->sortKeys);
    }

    /** @return iterable<string, array{string, list<SortKey>}> */
    public static function parameters(): iterable
    {
        yield 'nothing' => [' ', []];
        yield 'a path alone' => ['title', [new SortKey('title')]];
        yield 'descending' => ['dc.Date,,0', [new SortKey('dc.date', true)]];
        yield 'several, with a schema, case and missing values' => ['title,dc,1,1,highValue  date,,0', [new SortKey('title'), new SortKey('date', true)]];
    }

    /** @param list<SortKey> $keys */
    #[DataProvider('parameters')]
    public function testTheOlderParameterIsReadToo(string $written, array $keys): void
    {
        self::assertEquals($keys, SortKey::ofParameter($written));
    }

    /** @return iterable<string, array{string}> */
    public static function faults(): iterable
    {
        yield 'nothing' => ['  '];
        yield 'an open parenthesis' => ['(a and b'];
        yield 'a closed one' => ['a)'];
        yield 'no term' => ['dc.title ='];
        yield 'a boolean at the end' => ['a and'];
        yield 'an open quotation' => ['"tides'];
        yield 'sorted by nothing' => ['a sortBy'];
        yield 'a boolean behind the sorting' => ['a sortBy dc.title and = b'];
        yield 'two relations' => ['a = = b'];
    }

    #[DataProvider('faults')]
    public function testAFaultIsASyntaxError(string $query): void
    {
        try {
            (new CqlParser())->parse($query);
            self::fail('It was read.');
        } catch (CqlProblem $problem) {
            self::assertSame(10, $problem->diagnostic);
        }
    }

    private static function written(Query $query): string
    {
        return match (true) {
            $query instanceof BooleanQuery => '('.self::written($query->left).' '.$query->operator.' '.self::written($query->right).')',
            $query instanceof SearchClause => "[{$query->index} {$query->relation} {$query->term}]",
            default => '?',
        };
    }
}
