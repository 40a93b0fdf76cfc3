<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

use TinLantern\Core\Search\Fold;

/**
 * A heading of a record: a name, a subject, a genre or a series, as the subfields that make it up.
 *
 * @see MARC 21 fields 1XX, 6XX, 7XX, 490 and 830
 */
final readonly class Heading
{
    public const NAME = 'n';
    public const SUBJECT = 's';
    public const GENRE = 'g';
    public const SERIES = 't';
    public const KINDS = [self::NAME, self::SUBJECT, self::GENRE, self::SERIES];

    private const TAGS = [
        '100' => self::NAME, '110' => self::NAME, '111' => self::NAME, '700' => self::NAME, '710' => self::NAME, '711' => self::NAME,
        '600' => self::SUBJECT, '610' => self::SUBJECT, '611' => self::SUBJECT, '630' => self::SUBJECT, '647' => self::SUBJECT, '648' => self::SUBJECT,
        '650' => self::SUBJECT, '651' => self::SUBJECT, '653' => self::SUBJECT, '655' => self::GENRE, '490' => self::SERIES, '830' => self::SERIES,
    ];
    /** What belongs to a heading: not roles, links, sources and volume numbers. */
    private const CODES = [self::NAME => 'abcdq', self::SUBJECT => 'abcdqtvxyz', self::GENRE => 'abvxyz', self::SERIES => 'anp'];
    private const LONGEST = 120;

    /** @param string $written the subfields, as in `$aVenn, Mara,$d1950-` */
    private function __construct(public string $kind, public string $written, public string $sortKey)
    {
    }

    public static function of(DataField $field): ?self
    {
        $kind = self::TAGS[$field->tag] ?? null;
        if (null === $kind) {
            return null;
        }
        $own = array_values(array_filter($field->subfields, static fn (Subfield $subfield): bool => str_contains(self::CODES[$kind], $subfield->code) && '' !== trim($subfield->value)));
        if ([] === $own) {
            return null;
        }
        $written = '';
        foreach ($own as $index => $subfield) {
            // The punctuation that closes a heading depends on what follows; it is no part of it.
            $value = $index === \count($own) - 1 ? self::withoutClosing($subfield->value) : $subfield->value;
            $written .= substr(LineText::writeField(new DataField('999', ' ', ' ', [new Subfield($subfield->code, $value)])), 7);
        }

        return new self($kind, $written, self::sortKey(implode(' ', array_map(static fn (Subfield $subfield): string => $subfield->value, $own))));
    }

    /**
     * All headings of a record, each once.
     *
     * @return list<self>
     */
    public static function allOf(MarcRecord $record): array
    {
        $headings = [];
        foreach ($record->fields as $field) {
            $heading = $field instanceof DataField ? self::of($field) : null;
            if (null !== $heading) {
                $headings[$heading->kind.$heading->sortKey] ??= $heading;
            }
        }

        return array_values($headings);
    }

    /** How a heading sorts, and what typed text has to begin with to find it. */
    public static function sortKey(string $text): string
    {
        return mb_strcut(trim(preg_replace('/[^\p{L}\p{N}]+/u', ' ', Fold::text($text)) ?? ''), 0, self::LONGEST);
    }

    /**
     * The same field with another heading in the place of its own; roles and links stay.
     *
     * @param list<Subfield> $subfields
     */
    public static function exchanged(DataField $field, array $subfields): DataField
    {
        $kind = self::TAGS[$field->tag];
        $isOwn = static fn (Subfield $subfield): bool => str_contains(self::CODES[$kind], $subfield->code);
        $own = array_values(array_filter($field->subfields, $isOwn));
        $last = $own[\count($own) - 1] ?? null;
        $closing = null === $last ? '' : substr($last->value, \strlen(self::withoutClosing($last->value)));
        $newLast = array_pop($subfields);
        if (null !== $newLast) {
            $subfields[] = new Subfield($newLast->code, self::withoutClosing($newLast->value).$closing);
        }
        $others = array_values(array_filter($field->subfields, static fn (Subfield $subfield): bool => !$isOwn($subfield)));

        return new DataField($field->tag, $field->indicator1, $field->indicator2, [...$subfields, ...$others]);
    }

    private static function withoutClosing(string $value): string
    {
        $bare = rtrim($value, ' ,;');

        return 1 === preg_match('/[\p{L}\d)\]]{3,}\.$/u', $bare) ? substr($bare, 0, -1) : $bare;
    }
}
