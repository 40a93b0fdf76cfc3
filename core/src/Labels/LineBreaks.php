<?php

declare(strict_types=1);

namespace TinLantern\Core\Labels;

/**
 * Divides a call number into the lines of a spine label. The preview and the print use this same function.
 *
 * It breaks at each space; before a cutter; a class number wider than the label before its decimal point, then in threes. `~` holds together what stands
 * on both sides of it, and is printed as a space.
 */
final class LineBreaks
{
    private const HELD = '~';

    /**
     * @param int $width how many characters a line has room for, at least 3
     *
     * @return list<string>
     */
    public static function of(string $callNumber, int $width): array
    {
        $lines = [];
        foreach (array_filter(explode(' ', $callNumber), static fn (string $piece): bool => '' !== $piece) as $piece) {
            foreach (self::beforeCutters($piece) as $part) {
                array_push($lines, ...self::fitted(strtr($part, [self::HELD => ' ']), max(3, $width), str_contains($part, self::HELD)));
            }
        }

        return $lines;
    }

    /** @return list<string> QA76.73.P98 as QA76.73 and .P98 */
    private static function beforeCutters(string $piece): array
    {
        if (str_contains($piece, self::HELD)) {
            return [$piece];
        }
        $parts = preg_split('/(?<=[A-Za-z0-9])(?=\.[A-Za-z]\d)/', $piece);

        return false === $parts ? [$piece] : $parts;
    }

    /** @return list<string> */
    private static function fitted(string $part, int $width, bool $isHeld): array
    {
        if (mb_strlen($part) <= $width || $isHeld) {
            return [$part];
        }
        if (1 !== preg_match('/^([A-Za-z]*\d+)(\.\d+)$/', $part, $number)) {
            return [$part];
        }
        $lines = [$number[1]];
        $rest = $number[2];
        // The point stands with the first three digits behind it.
        $lines[] = substr($rest, 0, 4);
        foreach ('' === substr($rest, 4) ? [] : str_split(substr($rest, 4), 3) as $three) {
            $lines[] = $three;
        }

        return $lines;
    }
}
