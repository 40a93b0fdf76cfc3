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

    /** @return iterable<string, array{string}> */
    public static function faults(): iterable
    {
        yield 'nothing' => ['  '];
        yield 'an open parenthesis' => ['(a and b'];
        yield 'a closed one' => ['a)'];
        yield 'no term' => ['dc.title ='];
        yield 'a boolean at the end' => ['a and'];
        yield 'an open quotation' => ['"tides'];
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
