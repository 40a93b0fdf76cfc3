<?php

declare(strict_types=1);

namespace TinLantern\Core\Search;

/**
 * Text without case, diacritics and typographic variants, so that what is typed meets what is written.
 *
 * NFKD without its marks, lower case, and the letters that no decomposition reaches (ø, ł, æ, ß and their like).
 */
final class Fold
{
    private const LETTERS = [
        'ø' => 'o', 'ł' => 'l', 'đ' => 'd', 'ð' => 'd', 'þ' => 'th', 'æ' => 'ae', 'œ' => 'oe', 'ß' => 'ss', 'ħ' => 'h', 'ı' => 'i', 'ŋ' => 'n',
        '’' => "'", '‘' => "'", 'ʼ' => "'", 'ʻ' => "'", '´' => "'", '`' => "'", '‐' => '-', '‑' => '-', '–' => '-', '—' => '-', '−' => '-',
    ];

    public static function text(string $text): string
    {
        if (1 !== preg_match('/[\x80-\xFF]/', $text)) {
            return strtolower($text);
        }
        $decomposed = \Normalizer::normalize($text, \Normalizer::FORM_KD);
        $bare = preg_replace('/\p{Mn}+/u', '', \is_string($decomposed) ? $decomposed : $text) ?? $text;

        return strtr(mb_strtolower($bare, 'UTF-8'), self::LETTERS);
    }
}
