<?php

declare(strict_types=1);

namespace TinLantern\Core\Search;

/**
 * What somebody may have meant who typed a word with one slip: a letter too many, one left out, one for another, or two neighbours the
 * wrong way round.
 */
final class Slips
{
    private const SHORTEST = 4;
    private const LONGEST = 30;
    private const LATIN = 'abcdefghijklmnopqrstuvwxyz0123456789';
    private const ALPHABETS = [
        '/\p{Greek}/u' => 'αβγδεζηθικλμνξοπρστυφχψως',
        '/\p{Cyrillic}/u' => 'абвгдежзийклмнопрстуфхцчшщъыьэюяєії',
        '/\p{Hebrew}/u' => 'אבגדהוזחטיכלמנסעפצקרשתךםןףץ',
        '/\p{Arabic}/u' => 'ابتثجحخدذرزسشصضطظعغفقكلمنهويةىءپچژگ',
    ];

    /**
     * @param string $word as {@see SearchWords} gives it
     *
     * @return list<string> all of one slip's distance, without the word itself; none for a very short or very long one
     */
    public static function of(string $word): array
    {
        $letters = mb_str_split($word);
        $length = \count($letters);
        if ($length < self::SHORTEST || $length > self::LONGEST) {
            return [];
        }
        $alphabet = mb_str_split(self::alphabet($word));
        $meant = [];
        for ($at = 0; $at <= $length; ++$at) {
            $before = implode('', \array_slice($letters, 0, $at));
            $from = implode('', \array_slice($letters, $at));
            $after = implode('', \array_slice($letters, $at + 1));
            foreach ($alphabet as $letter) {
                $meant[$before.$letter.$from] = true;
                if ($at < $length) {
                    $meant[$before.$letter.$after] = true;
                }
            }
            if ($at < $length) {
                $meant[$before.$after] = true;
            }
            if ($at < $length - 1) {
                $meant[$before.$letters[$at + 1].$letters[$at].implode('', \array_slice($letters, $at + 2))] = true;
            }
        }
        unset($meant[$word]);

        return array_map(strval(...), array_keys($meant));
    }

    private static function alphabet(string $word): string
    {
        foreach (self::ALPHABETS as $script => $letters) {
            if (1 === preg_match($script, $word)) {
                return $letters;
            }
        }

        return self::LATIN;
    }
}
