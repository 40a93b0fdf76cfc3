<?php

declare(strict_types=1);

namespace TinLantern\Core\CallNumber;

/**
 * Volumes as they are numbered on the pieces of a set: `v.1`, `Part 09`, `1998`, `no. 12 (autumn)`.
 */
final class VolumeNumber
{
    /**
     * The volume that many behind this one: its last number goes up and keeps its zeros in front.
     *
     * @param int $steps from 0
     *
     * @return string|null null where it has no number
     */
    public static function behind(string $volume, int $steps): ?string
    {
        if (1 !== preg_match('/^(.*?)(\d{1,9})(\D*)$/sD', $volume, $parts)) {
            return null;
        }

        return $parts[1].str_pad((string) ((int) $parts[2] + $steps), \strlen($parts[2]), '0', \STR_PAD_LEFT).$parts[3];
    }
}
