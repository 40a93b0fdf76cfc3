<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

/**
 * By what two records can be known to describe the same title.
 */
enum KeyKind: string
{
    /** Control number with its source: 001 with 003, or 035. */
    case Control = 'control';
    case Isbn = 'isbn';
    case Issn = 'issn';
    /** Title, first five letters of the main name, and date together. */
    case Title = 'title';

    /** What a key of this kind begins with where keys of all kinds stand together. */
    public function mark(): string
    {
        return match ($this) {
            self::Control => 'c',
            self::Isbn => 'i',
            self::Issn => 's',
            self::Title => 't',
        };
    }
}
