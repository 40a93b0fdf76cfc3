<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\Format;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Search\Fold;

/**
 * What of a record is compared with another one. Texts are folded: case, diacritics and punctuation do not count, nor does the
 * leading article of a title.
 *
 * @see MARC 21 fields 001, 003, 008, 020, 022, 035, 1XX, 245, 250
 */
final readonly class MatchFacts
{
    private const LONGEST_NUMBER = 100;

    /**
     * @param string       $title    245 $a$b
     * @param string       $volume   245 $n$p
     * @param string       $author   1XX $a
     * @param list<string> $isbns    as ISBN-13, valid ones only
     * @param list<string> $issns    valid ones only
     * @param list<string> $controls "source:number"; a 001 without a 003 has "?" for its source
     */
    private function __construct(
        public string $title,
        public string $volume,
        public string $author,
        public ?int $year,
        public string $edition,
        public Format $format,
        public array $isbns,
        public array $issns,
        public array $controls,
    ) {
    }

    public static function of(MarcRecord $record, BriefDescription $brief): self
    {
        $title = $record->firstData('245');

        return new self(
            self::folded(self::withoutArticle($title)),
            self::folded($title?->joined('np') ?? ''),
            self::folded($record->firstData('100', '110', '111')?->first('a') ?? ''),
            $brief->year,
            self::folded($brief->edition),
            $brief->format,
            $brief->isbns,
            self::issns($record),
            self::controls($record),
        );
    }

    /**
     * All keys of the record, each with the mark of its kind; at most 120 bytes long.
     *
     * @return list<string>
     */
    public function keys(): array
    {
        return array_merge(...array_map($this->keysOf(...), KeyKind::cases()));
    }

    /** @return list<string> */
    public function keysOf(KeyKind $kind): array
    {
        $values = match ($kind) {
            KeyKind::Control => $this->controls,
            KeyKind::Isbn => $this->isbns,
            KeyKind::Issn => $this->issns,
            KeyKind::Title => '' === $this->title ? [] : [$this->titleKey()],
        };

        return array_map(static fn (string $value): string => $kind->mark().$value, $values);
    }

    private function titleKey(): string
    {
        $name = mb_substr(str_replace(' ', '', $this->author), 0, 5);

        return md5($this->title.'/'.$this->volume.'/'.$name.'/'.($this->year ?? ''));
    }

    private static function withoutArticle(?DataField $title): string
    {
        if (null === $title) {
            return '';
        }
        $text = $title->joined('ab');
        $skip = ctype_digit($title->indicator2) ? (int) $title->indicator2 : 0;

        return mb_substr($text, $skip, null, 'UTF-8');
    }

    private static function folded(string $text): string
    {
        return trim(preg_replace('/[^\p{L}\p{N}]+/u', ' ', str_replace(["'", '’'], '', Fold::text($text))) ?? '');
    }

    /** @return list<string> */
    private static function issns(MarcRecord $record): array
    {
        $issns = array_map(static fn (DataField $field): ?string => Issn::tryFrom($field->first('a') ?? '')?->eight, $record->data('022'));

        return array_values(array_unique(array_filter($issns, static fn (?string $issn): bool => null !== $issn)));
    }

    /** @return list<string> */
    private static function controls(MarcRecord $record): array
    {
        $controls = [];
        $number = trim($record->control('001') ?? '');
        if ('' !== $number) {
            $source = trim($record->control('003') ?? '');
            $controls[] = ('' === $source ? '?' : $source).':'.$number;
        }
        foreach ($record->data('035') as $field) {
            if (1 === preg_match('/^\s*\(([^)]+)\)\s*(\S.*)$/s', $field->first('a') ?? '', $parts)) {
                $controls[] = trim($parts[1]).':'.trim($parts[2]);
            }
        }

        return array_values(array_unique(array_map(static fn (string $control): string => mb_strcut($control, 0, self::LONGEST_NUMBER), $controls)));
    }
}
