<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Core\CallNumber\CallNumberWord;
use TinLantern\Core\Cql\BooleanQuery;
use TinLantern\Core\Cql\CqlParser;
use TinLantern\Core\Cql\CqlProblem;
use TinLantern\Core\Cql\Query;
use TinLantern\Core\Cql\SearchClause;
use TinLantern\Core\Matching\Isbn;
use TinLantern\Core\Search\SearchWords;
use TinLantern\Core\Search\YearSpan;

/**
 * Makes what people and programs ask for into an expression: plain words, or a query in CQL.
 */
final class Wanted
{
    private const EVERY_RECORD = 'cql.allrecords';
    /** Names of indexes and the field that each searches. */
    public const INDEXES = [
        'cql.serverchoice' => SearchField::Any, 'cql.anywhere' => SearchField::Any, 'cql.keywords' => SearchField::Any, 'any' => SearchField::Any,
        'dc.title' => SearchField::Title, 'bib.title' => SearchField::Title, 'bib.titleuniform' => SearchField::Title, 'bib.titlealternative' => SearchField::Title, 'bib.titleseries' => SearchField::Title, 'title' => SearchField::Title,
        'dc.creator' => SearchField::Author, 'dc.contributor' => SearchField::Author, 'bib.name' => SearchField::Author, 'bib.namepersonal' => SearchField::Author, 'bib.namecorporate' => SearchField::Author, 'bib.nameconference' => SearchField::Author, 'author' => SearchField::Author, 'creator' => SearchField::Author,
        'dc.subject' => SearchField::Subject, 'bib.subjecttopic' => SearchField::Subject, 'bib.subjectplace' => SearchField::Subject, 'bib.subjectname' => SearchField::Subject, 'bib.subjecttitle' => SearchField::Subject, 'bib.genre' => SearchField::Subject, 'subject' => SearchField::Subject,
        'bath.isbn' => SearchField::Isbn, 'bib.isbn' => SearchField::Isbn, 'isbn' => SearchField::Isbn,
        'bath.issn' => SearchField::Number, 'bib.issn' => SearchField::Number, 'dc.identifier' => SearchField::Number, 'rec.identifier' => SearchField::Number, 'rec.id' => SearchField::Number, 'number' => SearchField::Number,
        'dc.date' => SearchField::Year, 'bib.dateissued' => SearchField::Year, 'year' => SearchField::Year,
        'bib.callnumber' => SearchField::CallNumber, 'callnumber' => SearchField::CallNumber,
    ];

    /** Does somebody write booleans or indexes? Words in capitals, or a name with an equals sign. */
    public static function isQuery(string $typed): bool
    {
        return 1 === preg_match('/\s(?:AND|OR|NOT)\s/', $typed) || 1 === preg_match('/(?:^|[\s(])(?:[a-z]+\.)?[A-Za-z]+\s*==?\s*\S/', $typed);
    }

    /** Does a query ask for the whole catalogue? Nothing can be looked up for that. */
    public static function isEveryRecord(Query $query): bool
    {
        return $query instanceof SearchClause && self::EVERY_RECORD === $query->index;
    }

    /** @throws CqlProblem */
    public static function ofCql(string $query): ?SearchExpression
    {
        return self::ofQuery((new CqlParser())->parse($query));
    }

    /**
     * Words typed into one field: all of them, those between quotation marks one after the other, a word with * as a beginning; null when
     * they hold nothing that could be found.
     */
    public static function ofWords(string $typed, SearchField $field, bool $isBeginning = false): ?SearchExpression
    {
        $isbn = \in_array($field, [SearchField::Any, SearchField::Isbn, SearchField::Number], true) ? Isbn::tryFrom($typed) : null;
        $one = match (true) {
            null !== $isbn => [new SearchTerm(SearchField::Isbn->mark().$isbn->thirteen)],
            SearchField::CallNumber === $field => self::whole($field, CallNumberWord::of($typed), true),
            SearchField::Number === $field => self::whole($field, SearchField::numberWord($typed), $isBeginning),
            default => self::terms($typed, $field, $isBeginning),
        };

        return match (\count($one)) {
            0 => null,
            1 => $one[0],
            default => new AllOf($one),
        };
    }

    /** @return list<SearchTerm> */
    private static function whole(SearchField $field, string $word, bool $isBeginning): array
    {
        return '' === $word ? [] : [new SearchTerm($field->mark().$word, $isBeginning)];
    }

    /** @return list<SearchExpression> */
    private static function terms(string $typed, SearchField $field, bool $isBeginning): array
    {
        $terms = $common = [];
        preg_match_all('/"([^"]+)"|([^\s"]+)/u', strtr($typed, ['“' => '"', '”' => '"', '„' => '"', '«' => '"', '»' => '"']), $chunks, \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL);
        foreach ($chunks as $index => $chunk) {
            $words = SearchWords::inOrder($chunk[2] ?? $chunk[1] ?? '');
            if (!isset($chunk[2]) && \count($words) > 1) {
                $terms[] = new SearchPhrase(array_map(static fn (string $word): string => $field->mark().$word, $words));
                continue;
            }
            $isLast = $isBeginning && $index === \count($chunks) - 1;
            foreach ($words as $at => $word) {
                $isBegun = $at === \count($words) - 1 && ($isLast || str_ends_with((string) $chunk[0], '*'));
                $term = new SearchTerm($field->mark().$word, $isBegun);
                SearchWords::isCommon($word) && !$isBegun ? $common[$term->word] = $term : $terms[$term->word.($isBegun ? '*' : '')] = $term;
            }
        }

        return array_values([] === $terms ? $common : $terms);
    }

    /** @throws CqlProblem */
    public static function ofQuery(Query $query): ?SearchExpression
    {
        if ($query instanceof SearchClause) {
            return self::ofClause($query);
        }
        if (!$query instanceof BooleanQuery || 'prox' === $query->operator) {
            throw CqlProblem::unsupportedBoolean('prox');
        }
        $left = self::ofQuery($query->left);
        $right = self::ofQuery($query->right);

        // A side of nothing but very common words says nothing.
        return match (true) {
            null === $left => 'not' === $query->operator ? null : $right,
            null === $right => $left,
            'and' === $query->operator => new AllOf([$left, $right]),
            'or' === $query->operator => new AnyOf([$left, $right]),
            default => new AndNot($left, $right),
        };
    }

    private static function ofClause(SearchClause $clause): ?SearchExpression
    {
        if (self::EVERY_RECORD === $clause->index) {
            return null;
        }
        $field = self::INDEXES[$clause->index] ?? throw CqlProblem::unsupportedIndex($clause->index);
        if (SearchField::Year === $field && \in_array($clause->relation, ['<', '<=', '>', '>=', 'within'], true)) {
            return self::ofYears(YearSpan::compared($clause->relation, $clause->term) ?? throw CqlProblem::unsupportedTerm($clause->term));
        }
        if (!\in_array($clause->relation, ['=', '==', 'scr', 'all', 'any', 'adj', 'exact'], true)) {
            throw CqlProblem::unsupportedRelation($clause->relation);
        }
        if (\in_array($clause->relation, ['adj', '==', 'exact'], true)) {
            return self::ofWords('"'.strtr($clause->term, ['"' => ' ']).'"', $field);
        }
        if ('any' !== $clause->relation) {
            return self::ofWords(strtr($clause->term, ['"' => ' ']), $field);
        }
        $parts = [];
        foreach (explode(' ', trim(preg_replace('/\s+/u', ' ', $clause->term) ?? '')) as $word) {
            $part = self::ofWords($word, $field);
            if (null !== $part) {
                $parts[] = $part;
            }
        }

        return [] === $parts ? null : new AnyOf($parts);
    }

    private static function ofYears(YearSpan $span): AnyOf
    {
        $terms = array_map(static fn (string $beginning): SearchTerm => new SearchTerm(SearchField::Year->mark().$beginning, \strlen($beginning) < 4), $span->beginnings());

        // A span without years finds nothing.
        return new AnyOf([] === $terms ? [new SearchTerm(SearchField::Year->mark().'none')] : $terms);
    }
}
