<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Text with letters and their marks composed, as far as Unicode can (normalisation form C).
 */
final class Nfc
{
    public static function of(string $text): string
    {
        if (1 !== preg_match('/[\xCC-\xFF]/', $text) || true === \Normalizer::isNormalized($text, \Normalizer::FORM_C)) {
            return $text;
        }
        $composed = \Normalizer::normalize($text, \Normalizer::FORM_C);

        return \is_string($composed) ? $composed : $text;
    }
}
