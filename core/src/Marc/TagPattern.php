<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Tags as people write them down for many: `650`, `6..` for all subjects, `9..` for all local fields.
 */
final class TagPattern
{
    /** @param array<string> $patterns */
    public static function matchesAny(string $tag, array $patterns): bool
    {
        foreach ($patterns as $pattern) {
            if ($tag === $pattern) {
                return true;
            }
            // Most patterns are a whole tag: it is told apart by its first character, without a call.
            if (($pattern[0] === $tag[0] || '.' === $pattern[0]) && str_contains($pattern, '.') && self::agree($tag, $pattern)) {
                return true;
            }
        }

        return false;
    }

    public static function isOne(string $written): bool
    {
        return 1 === preg_match('/^[0-9A-Za-z.]{3}$/D', $written);
    }

    private static function agree(string $tag, string $pattern): bool
    {
        if (\strlen($tag) !== \strlen($pattern)) {
            return false;
        }
        for ($index = 0; $index < \strlen($tag); ++$index) {
            if ('.' !== $pattern[$index] && $pattern[$index] !== $tag[$index]) {
                return false;
            }
        }

        return true;
    }
}
