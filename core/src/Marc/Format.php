<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * What kind of thing a record describes, in the words a reader of the library uses.
 *
 * @see MARC 21 leader 06 and 07; 008/23 and 29 (form of item)
 */
enum Format: string
{
    case Book = 'book';
    case Serial = 'serial';
    case Score = 'score';
    case Sound = 'sound';
    case Film = 'film';
    case Map = 'map';
    case Picture = 'picture';
    case Object = 'object';
    case Kit = 'kit';
    case File = 'file';
    case Mixed = 'mixed';

    public static function of(MarcRecord $record): self
    {
        $level = $record->leaderAt(7);

        return match ($record->leaderAt(6)) {
            'c', 'd' => self::Score,
            'e', 'f' => self::Map,
            'g' => self::Film,
            'i', 'j' => self::Sound,
            'k' => self::Picture,
            'm' => self::File,
            'o' => self::Kit,
            'p' => self::Mixed,
            'r' => self::Object,
            default => \in_array($level, ['b', 'i', 's'], true) ? self::Serial : self::Book,
        };
    }
}
