<?php

declare(strict_types=1);

namespace TinLantern\Core\Search;

/**
 * Divides text into the words that are put into a search index and looked for in it; the same for both sides, and for any engine.
 *
 * Words are folded ({@see Fold}), of letters and digits only. Apostrophes and hyphens divide and join: "book-boat" gives
 * `book`, `boat`, `bookboat`. `c++` and `c#` become words. Chinese, Japanese and Korean text, written without spaces, becomes
 * pairs of characters. Words under three letters are padded with `_`, since engines leave shorter ones out.
 */
final class SearchWords
{
    private const SHORTEST = 3;
    private const LONGEST = 60;
    private const CJK = '\p{Han}\p{Hiragana}\p{Katakana}\p{Hangul}';
    private const COMMON = ['a', 'an', 'and', 'at', 'by', 'for', 'from', 'in', 'of', 'on', 'or', 'the', 'to', 'with'];

    /**
     * The words to put into the index: those that stand there, and what hyphens and apostrophes divide, written together.
     *
     * @return list<string>
     */
    public static function inText(string $text): array
    {
        return [...self::inOrder($text), ...self::joined($text)];
    }

    /**
     * The words as they stand one after the other, common ones too: what a phrase is made of.
     *
     * @return list<string>
     */
    public static function inOrder(string $text): array
    {
        $words = [];
        foreach (self::pieces($text) as $piece) {
            array_push($words, ...explode(' ', $piece));
        }

        return self::finished($words);
    }

    /**
     * What hyphens and apostrophes divide, written together.
     *
     * @return list<string>
     */
    public static function joined(string $text): array
    {
        if (1 !== preg_match('/[\'\x80-\xFF-]/', $text)) {
            return [];
        }
        $words = [];
        foreach (self::pieces($text) as $piece) {
            if (str_contains($piece, ' ')) {
                $words[] = strtr($piece, [' ' => '']);
            }
        }

        return self::finished($words);
    }

    /** Is this one of the words that nearly every text has? */
    public static function isCommon(string $word): bool
    {
        return \in_array(rtrim($word, '_'), self::COMMON, true);
    }

    /**
     * Pieces of text between blanks and punctuation, folded; a piece with an inner apostrophe or hyphen holds its parts, divided by a blank.
     *
     * @return list<string>
     */
    private static function pieces(string $text): array
    {
        $text = Fold::text($text);
        $text = preg_replace(['/\bc\+\+/', '/\b([cf])#/'], ['cplusplus', '$1sharp'], $text) ?? $text;
        $isAscii = 1 !== preg_match('/[\x80-\xFF]/', $text);
        if (!$isAscii) {
            $text = preg_replace_callback('/['.self::CJK.']+/u', self::pairs(...), $text) ?? $text;
        }
        preg_match_all($isAscii ? "/[a-z0-9]+(?:['-][a-z0-9]+)*/" : "/[\\p{L}\\p{N}]+(?:['-][\\p{L}\\p{N}]+)*/u", $text, $found);

        return array_map(static fn (string $piece): string => strtr($piece, "'-", '  '), $found[0]);
    }

    /** @param array<string> $run */
    private static function pairs(array $run): string
    {
        $characters = mb_str_split($run[0]);
        if (1 === \count($characters)) {
            return ' '.$run[0].' ';
        }
        $pairs = [];
        for ($index = 1; $index < \count($characters); ++$index) {
            $pairs[] = $characters[$index - 1].$characters[$index];
        }

        return ' '.implode(' ', $pairs).' ';
    }

    /**
     * Engines count characters: a pair of Chinese ones is padded too.
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function finished(array $words): array
    {
        return array_map(
            static fn (string $word): string => \strlen($word) <= self::LONGEST && \strlen($word) >= self::SHORTEST && ctype_alnum($word)
                ? $word
                : mb_strcut($word, 0, self::LONGEST).str_repeat('_', max(0, self::SHORTEST - mb_strlen($word))),
            $words,
        );
    }
}
