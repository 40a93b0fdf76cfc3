<?php

declare(strict_types=1);

namespace TinLantern\Core\Cql;

/**
 * Reads queries in CQL: clauses with index, relation and term, booleans from left to right, parentheses, quoted terms, modifiers (which
 * are read over), prefix assignments and a closing sortBy.
 *
 * @see OASIS searchRetrieve: Part 5. CQL: The Contextual Query Language version 1.0
 */
final class CqlParser
{
    private const SYMBOLS = ['=', '==', '<>', '<', '>', '<=', '>='];
    private const NAMED_RELATIONS = ['all', 'any', 'adj', 'scr', 'exact', 'within', 'encloses'];
    private const BOOLEANS = ['and', 'or', 'not', 'prox'];

    /** @var list<array{string, bool}> text, whether it was quoted */
    private array $tokens = [];
    private int $at = 0;

    /** @throws CqlProblem */
    public function parse(string $query): Query
    {
        return $this->read($query)->query;
    }

    /** @throws CqlProblem */
    public function read(string $query): SortedQuery
    {
        $this->tokens = self::tokens($query);
        $this->at = 0;
        while ($this->is('>')) {
            $this->passPrefix();
        }
        $tree = $this->scoped();
        $sortKeys = 'sortby' === $this->word($this->at) ? $this->sortKeys() : [];
        if ($this->at < \count($this->tokens)) {
            throw CqlProblem::syntax($this->tokens[$this->at][0]);
        }

        return new SortedQuery($tree, $sortKeys);
    }

    /** @return non-empty-list<SortKey> */
    private function sortKeys(): array
    {
        ++$this->at;
        $keys = [];
        do {
            $index = strtolower($this->term());
            $keys[] = new SortKey($index, \in_array('sort.descending', $this->passModifiers(), true));
        } while ($this->at < \count($this->tokens));

        return $keys;
    }

    private function scoped(): Query
    {
        $tree = $this->clause();
        while (\in_array($operator = $this->word($this->at), self::BOOLEANS, true)) {
            ++$this->at;
            $this->passModifiers();
            $tree = new BooleanQuery($operator, $tree, $this->clause());
        }

        return $tree;
    }

    private function clause(): Query
    {
        if ($this->is('(')) {
            ++$this->at;
            $tree = $this->scoped();
            if (!$this->is(')')) {
                throw CqlProblem::syntax('a closing parenthesis is missing');
            }
            ++$this->at;

            return $tree;
        }
        $first = $this->term();
        $relation = $this->word($this->at);
        if (\in_array($relation, self::SYMBOLS, true) || \in_array($relation, self::NAMED_RELATIONS, true) || 1 === preg_match('/^cql\.[a-z]+$/', $relation)) {
            ++$this->at;
            $this->passModifiers();

            return new SearchClause(strtolower($first), preg_replace('/^cql\./', '', $relation) ?? $relation, $this->term());
        }

        return new SearchClause(SearchClause::SERVER_CHOICE, 'scr', $first);
    }

    private function term(): string
    {
        $token = $this->tokens[$this->at] ?? throw CqlProblem::syntax('a term is missing at the end');
        if (!$token[1] && \in_array($token[0], ['(', ')', '/', ...self::SYMBOLS], true)) {
            throw CqlProblem::syntax($token[0]);
        }
        ++$this->at;

        return $token[0];
    }

    /** @return list<string> their names in lower case */
    private function passModifiers(): array
    {
        $names = [];
        while ($this->is('/')) {
            ++$this->at;
            $names[] = strtolower($this->term());
            if (\in_array($this->word($this->at), self::SYMBOLS, true)) {
                ++$this->at;
                $this->term();
            }
        }

        return $names;
    }

    private function passPrefix(): void
    {
        ++$this->at;
        $this->term();
        if ($this->is('=')) {
            ++$this->at;
            $this->term();
        }
    }

    private function is(string $symbol): bool
    {
        return [$symbol, false] === ($this->tokens[$this->at] ?? null);
    }

    /** The word at a place in lower case; nothing where a quoted text stands, or the end. */
    private function word(int $at): string
    {
        $token = $this->tokens[$at] ?? ['', false];

        return $token[1] ? '' : strtolower($token[0]);
    }

    /** @return list<array{string, bool}> */
    private static function tokens(string $query): array
    {
        $tokens = [];
        $left = preg_replace_callback(
            '/\G\s*(?:"((?:[^"\\\\]|\\\\.)*)"|(==|<>|<=|>=|[=<>()\/])|([^\s"=<>()\/]+))\s*/su',
            static function (array $found) use (&$tokens): string {
                $tokens[] = match (true) {
                    isset($found[3]) => [$found[3], false],
                    isset($found[2]) => [$found[2], false],
                    // \* and \? keep their backslash: they are no wildcards.
                    default => [preg_replace('/\\\\(["\\\\])/', '$1', $found[1]) ?? '', true],
                };

                return '';
            },
            $query,
        );
        if (null === $left || '' !== trim($left)) {
            throw CqlProblem::syntax(null === $left ? 'the query is not UTF-8' : trim($left));
        }
        if ([] === $tokens) {
            throw CqlProblem::syntax('the query is empty');
        }

        return $tokens;
    }
}
