<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Search\Fold;

/**
 * Derives the columns of a record that lists show and sort by. The one place where they come from.
 */
final readonly class RecordColumns
{
    /** @return array<string, string|int|null> by column of the table record */
    public static function of(BriefDescription $brief): array
    {
        return [
            'title' => mb_substr($brief->title, 0, 500),
            'title_key' => self::titleKey($brief),
            'author' => mb_substr($brief->author, 0, 300),
            'edition' => mb_substr($brief->edition, 0, 190),
            'published' => mb_substr($brief->published, 0, 300),
            'extent' => mb_substr($brief->extent, 0, 300),
            'year' => $brief->year,
            'language' => $brief->language,
            'format' => $brief->format->value,
            'control_number' => mb_strcut($brief->controlNumber, 0, 190),
        ];
    }

    public static function titleKey(BriefDescription $brief): string
    {
        return mb_strcut(trim(preg_replace('/[^\p{L}\p{N}]+/u', ' ', Fold::text($brief->sortKey)) ?? ''), 0, 190);
    }
}
