<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What became of a record of a file.
 */
enum Outcome: string
{
    case Added = 'added';
    case Replaced = 'replaced';
    case Merged = 'merged';
    /** Only its items were added, to the record that was there. */
    case Items = 'items';
    case Skipped = 'skipped';

    public static function of(OnMatch $chosen): self
    {
        return match ($chosen) {
            OnMatch::Replace => self::Replaced,
            OnMatch::Merge => self::Merged,
            OnMatch::Items => self::Items,
            OnMatch::Keep => self::Added,
            OnMatch::Skip => self::Skipped,
        };
    }
}
