<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Definition;

/**
 * The kind of material that decides what the positions of 008 mean.
 *
 * @see MARC 21 leader 06 and 07
 */
enum Material: string
{
    case Books = 'books';
    case Continuing = 'continuing';
    case Music = 'music';
    case Maps = 'maps';
    case Visual = 'visual';
    case Computer = 'computer';
    case Mixed = 'mixed';

    public static function ofLeader(string $leader): self
    {
        return match (substr($leader, 6, 1)) {
            'c', 'd', 'i', 'j' => self::Music,
            'e', 'f' => self::Maps,
            'g', 'k', 'o', 'r' => self::Visual,
            'm' => self::Computer,
            'p' => self::Mixed,
            default => \in_array(substr($leader, 7, 1), ['b', 'i', 's'], true) ? self::Continuing : self::Books,
        };
    }
}
