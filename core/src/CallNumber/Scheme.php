<?php

declare(strict_types=1);

namespace TinLantern\Core\CallNumber;

/**
 * How the call numbers of a collection are built, and so how its shelves are ordered.
 */
enum Scheme: string
{
    case Dewey = 'dewey';
    case LibraryOfCongress = 'lc';
    case Local = 'local';

    /** The first indicator of MARC 852. */
    public function indicator(): string
    {
        return match ($this) {
            self::LibraryOfCongress => '0',
            self::Dewey => '1',
            self::Local => '8',
        };
    }
}
