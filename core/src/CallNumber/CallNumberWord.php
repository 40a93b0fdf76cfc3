<?php

declare(strict_types=1);

namespace TinLantern\Core\CallNumber;

use TinLantern\Core\Search\Fold;

/**
 * A call number as one word for a search index: what is typed with or without blanks and points finds it, and its beginning too.
 */
final class CallNumberWord
{
    private const LONGEST = 60;

    public static function of(string $callNumber): string
    {
        return substr(preg_replace('/[^a-z0-9]+/', '', Fold::text($callNumber)) ?? '', 0, self::LONGEST);
    }
}
