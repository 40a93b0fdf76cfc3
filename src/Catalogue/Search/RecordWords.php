<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Search\SearchWords;

/**
 * The words of a record as a search index wants them, without anything that its items add.
 */
final readonly class RecordWords
{
    /** Codes of subfields that hold links and codes, no words of the record. */
    private const LINKING = '0256789uw';
    /** Items, and the kinds of content, medium and carrier: nearly every record says "text", "unmediated", "volume" there. */
    private const UNREAD = ['336', '337', '338', '852', '876', '976'];

    /**
     * @param list<string> $texts  the running words of each field, plain and marked
     * @param list<string> $single words that stand for themselves, numbers and the year with the mark of their field
     */
    private function __construct(public array $texts, public array $single)
    {
    }

    public static function of(MarcRecord $marc, BriefDescription $brief): self
    {
        $plain = $marked = $single = [];
        foreach ($marc->fields as $field) {
            if ('001' === $field->tag && !$field instanceof DataField) {
                array_push($single, ...SearchWords::inText($field->value));
            }
            if (!$field instanceof DataField || !self::isRead($field->tag)) {
                continue;
            }
            $text = '';
            foreach ($field->subfields as $subfield) {
                if (!str_contains(self::LINKING, $subfield->code)) {
                    $text .= ' '.$subfield->value;
                }
            }
            $running = SearchWords::inOrder($text);
            if ([] === $running) {
                continue;
            }
            $joined = SearchWords::joined($text);
            $plain[] = implode(' ', $running);
            array_push($single, ...$joined);
            $mark = SearchField::ofTag($field->tag)?->mark();
            if (null !== $mark) {
                $marked[] = $mark.implode(' '.$mark, $running);
                array_push($single, ...array_map(static fn (string $word): string => $mark.$word, $joined));
            }
        }

        return new self([...$plain, ...$marked], [...$single, ...self::numbers($marc, $brief)]);
    }

    /** @return list<string> ISBN, ISSN, control numbers, those of other sources with and without the source, the year */
    private static function numbers(MarcRecord $marc, BriefDescription $brief): array
    {
        $numbers = [$marc->control('001') ?? ''];
        foreach ($marc->data('035') as $field) {
            $number = $field->first('a') ?? '';
            array_push($numbers, $number, preg_replace('/^\s*\([^)]*\)/', '', $number) ?? '');
        }
        foreach ($marc->data('022') as $field) {
            $numbers[] = $field->first('a') ?? '';
        }
        $words = array_map(static fn (string $isbn): string => SearchField::Isbn->mark().$isbn, $brief->isbns);
        foreach (array_map(SearchField::numberWord(...), $numbers) as $number) {
            if ('' !== $number) {
                $words[] = SearchField::Number->mark().$number;
            }
        }
        if (null !== $brief->year) {
            $words[] = SearchField::Year->mark().$brief->year;
        }

        return $words;
    }

    private static function isRead(string $tag): bool
    {
        return !\in_array($tag, self::UNREAD, true) && ($tag >= '100' || \in_array($tag, ['020', '022', '024', '028', '035', '050', '082'], true));
    }
}
