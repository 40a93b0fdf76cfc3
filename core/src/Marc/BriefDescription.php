<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

use TinLantern\Core\Matching\Isbn;

/**
 * A record in brief, for lists and cards: everything is derived from the record and can be derived again.
 *
 * @see MARC 21 fields 245 (title), 1XX and 7XX (names), 260/264 (publication), 008/07-10 (date) and 008/35-37 (language), 020, 250, 300
 */
final readonly class BriefDescription
{
    private const LISTED_AUTHORS = 3;

    /**
     * @param string       $title    245 $a$b$n$p without the closing punctuation; "Untitled" is never invented: it may be empty
     * @param string       $sortKey  the title without its leading article (245 indicator 2)
     * @param list<string> $isbns    as ISBN-13, valid ones only
     * @param int|null     $year     from 008, else the first four digits of the date of publication
     * @param string       $language three-letter code, or empty
     */
    private function __construct(
        public string $title,
        public string $sortKey,
        public string $author,
        public string $edition,
        public string $published,
        public string $extent,
        public ?int $year,
        public string $language,
        public Format $format,
        public array $isbns,
        public string $controlNumber,
    ) {
    }

    public static function of(MarcRecord $record): self
    {
        $titleField = $record->firstData('245');
        $title = null === $titleField ? '' : self::withoutClosing($titleField->joined('abnp'));
        $fixed = $record->control('008') ?? '';
        $publication = $record->firstData('264', '260');
        $published = null === $publication ? '' : self::withoutClosing($publication->joined('abc'));

        return new self(
            $title,
            self::withoutArticle($title, null === $titleField ? '0' : $titleField->indicator2),
            self::author($record, $titleField),
            self::withoutClosing($record->firstData('250')?->joined('ab') ?? ''),
            $published,
            self::withoutClosing($record->firstData('300')?->joined('abce') ?? ''),
            self::year(substr($fixed, 7, 4), null === $publication ? '' : $publication->joined('c')),
            1 === preg_match('/^[a-z]{3}$/', $code = substr($fixed, 35, 3)) ? $code : '',
            Format::of($record),
            self::isbns($record),
            trim($record->control('001') ?? ''),
        );
    }

    /** The first year of the decade, or null when the year is not known. */
    public function decade(): ?int
    {
        return null === $this->year ? null : $this->year - $this->year % 10;
    }

    private static function author(MarcRecord $record, ?DataField $title): string
    {
        $main = $record->firstData('100', '110', '111');
        if (null !== $main) {
            return self::withoutClosing($main->joined('abcdnq'));
        }
        $added = array_map(
            static fn (DataField $field): string => self::withoutClosing($field->joined('ab')),
            \array_slice($record->data('700', '710', '711'), 0, self::LISTED_AUTHORS),
        );

        return [] === $added ? self::withoutClosing($title?->first('c') ?? '') : implode('; ', $added);
    }

    private static function withoutArticle(string $title, string $nonfiling): string
    {
        $skip = ctype_digit($nonfiling) ? (int) $nonfiling : 0;
        $rest = mb_substr($title, $skip);

        return '' === trim($rest) ? $title : ltrim($rest, " \"'([“‘«");
    }

    private static function year(string $fixed, string $published): ?int
    {
        if (1 === preg_match('/^[12]\d{3}$/', $fixed)) {
            return (int) $fixed;
        }

        return 1 === preg_match('/(?<!\d)[12]\d{3}(?!\d)/', $published, $found) ? (int) $found[0] : null;
    }

    /** @return list<string> */
    private static function isbns(MarcRecord $record): array
    {
        $isbns = [];
        foreach ($record->data('020') as $field) {
            $isbn = Isbn::tryFrom($field->first('a') ?? '');
            if (null !== $isbn) {
                $isbns[] = $isbn->thirteen;
            }
        }

        return array_values(array_unique($isbns));
    }

    /** Without the punctuation that only leads over to the next subfield. */
    public static function withoutClosing(string $text): string
    {
        $text = trim(preg_replace('/\s+/u', ' ', $text) ?? $text);
        $text = rtrim($text, ' /:;,=');

        return 1 === preg_match('/[\p{L}\d)\]]{3,}\.$/u', $text) && 1 !== preg_match('/\b(?:ed|etc|Co|Inc|jr)\.$/iu', $text) ? substr($text, 0, -1) : $text;
    }
}
