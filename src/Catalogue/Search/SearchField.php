<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Core\Search\Fold;

/**
 * Where to look for words. In the index, words of a field stand once more with the mark of the field.
 */
enum SearchField: string
{
    case Any = 'any';
    case Title = 'title';
    case Author = 'author';
    case Subject = 'subject';
    case Isbn = 'isbn';
    case CallNumber = 'callNumber';
    /** Control numbers with and without their source, and ISSN. */
    case Number = 'number';
    case Year = 'year';

    public function mark(): string
    {
        return match ($this) {
            self::Any => '',
            self::Title => 't_',
            self::Author => 'a_',
            self::Subject => 's_',
            self::Isbn => 'i_',
            self::CallNumber => 'c_',
            self::Number => 'n_',
            self::Year => 'y_',
        };
    }

    /** The field that a MARC tag belongs to, or null for one that is searched only with all others. */
    public static function ofTag(string $tag): ?self
    {
        return match (true) {
            \in_array($tag, ['130', '210', '240', '242', '245', '246', '247', '440', '490', '730', '740', '765', '780', '785', '830'], true) => self::Title,
            \in_array($tag, ['100', '110', '111', '700', '710', '711', '720', '800', '810', '811'], true) => self::Author,
            '6' === $tag[0] => self::Subject,
            default => null,
        };
    }

    /** A number as one word: letters and digits only. */
    public static function numberWord(string $number): string
    {
        return mb_strcut(preg_replace('/[^\p{L}\p{N}]+/u', '', Fold::text($number)) ?? '', 0, 60);
    }
}
