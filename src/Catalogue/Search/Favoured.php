<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * What is wanted, and what puts a hit further ahead in the order "best first". It finds what is wanted, no more and no less: all that is
 * favoured stands in documents beside it.
 */
final readonly class Favoured implements SearchExpression
{
    private const FIELDS = [SearchField::Title, SearchField::Author];

    /** @param list<SearchTerm|SearchPhrase> $by */
    private function __construct(public SearchTerm|SearchPhrase $wanted, public array $by)
    {
    }

    /** Everything that is looked for anywhere counts once more where it stands in a title or in the name of an author. */
    public static function in(SearchExpression $wanted): SearchExpression
    {
        return match (true) {
            $wanted instanceof SearchTerm => self::isMarked($wanted->word) ? $wanted : new self($wanted, array_map(
                static fn (SearchField $field): SearchTerm => new SearchTerm($field->mark().$wanted->word, $wanted->isBeginning),
                self::FIELDS,
            )),
            $wanted instanceof SearchPhrase => self::isMarked($wanted->words[0]) ? $wanted : new self($wanted, array_map(
                static fn (SearchField $field): SearchPhrase => new SearchPhrase(array_map(static fn (string $word): string => $field->mark().$word, $wanted->words)),
                self::FIELDS,
            )),
            $wanted instanceof AllOf => new AllOf(array_map(self::in(...), $wanted->parts)),
            $wanted instanceof AnyOf => new AnyOf(array_map(self::in(...), $wanted->parts)),
            $wanted instanceof AndNot => new AndNot(self::in($wanted->wanted), $wanted->unwanted),
            default => $wanted,
        };
    }

    private static function isMarked(string $word): bool
    {
        return str_contains(rtrim($word, '_'), '_');
    }
}
