<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Catalogue\RecordColumns;
use TinLantern\Core\CallNumber\CallNumberWord;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Search\SearchWords;

/**
 * What a search index knows of one record with its items: its words (those of title, author and subject once more with a
 * mark of the field), numbers, and what it can be narrowed by.
 */
final readonly class SearchDocument
{
    /** Codes of subfields that hold links and codes, no words of the record. */
    private const LINKING = '0256789uw';

    /** @param list<int> $branches ids of the branches that have items */
    private function __construct(
        public int $recordId,
        public string $words,
        public string $titleKey,
        public ?int $year,
        public string $format,
        public string $language,
        public ?int $decade,
        public array $branches,
    ) {
    }

    /** @param list<HeldItem> $items */
    public static function of(int $recordId, MarcRecord $marc, BriefDescription $brief, array $items): self
    {
        $words = [];
        foreach ($marc->fields as $field) {
            if ($field instanceof DataField) {
                self::collect($field, $words);
            } elseif ('001' === $field->tag) {
                array_push($words, ...SearchWords::inText($field->value));
            }
        }
        foreach ($brief->isbns as $isbn) {
            $words[] = SearchField::Isbn->mark().$isbn;
        }
        foreach (self::numbers($marc) as $number) {
            $words[] = SearchField::Number->mark().$number;
        }
        if (null !== $brief->year) {
            $words[] = SearchField::Year->mark().$brief->year;
        }
        $branches = [];
        foreach ($items as $item) {
            $words[] = SearchField::CallNumber->mark().CallNumberWord::of($item->prefix.' '.$item->callNumber);
            $words[] = SearchField::CallNumber->mark().CallNumberWord::of($item->callNumber);
            $branches[$item->branchId] = $item->branchId;
        }
        sort($branches);

        return new self(
            $recordId,
            implode(' ', array_unique($words)),
            RecordColumns::titleKey($brief),
            $brief->year,
            $brief->format->value,
            $brief->language,
            $brief->decade(),
            $branches,
        );
    }

    /** @param list<string> $words */
    private static function collect(DataField $field, array &$words): void
    {
        $isCoded = $field->tag < '100' && !\in_array($field->tag, ['020', '022', '024', '028', '035', '050', '082'], true);
        if ($isCoded || '852' === $field->tag || '876' === $field->tag) {
            return;
        }
        $mark = SearchField::ofTag($field->tag)?->mark();
        foreach ($field->subfields as $subfield) {
            if (str_contains(self::LINKING, $subfield->code)) {
                continue;
            }
            foreach (SearchWords::inText($subfield->value) as $word) {
                $words[] = $word;
                if (null !== $mark) {
                    $words[] = $mark.$word;
                }
            }
        }
    }

    /** @return list<string> control numbers, and those of other sources with and without the source; ISSN */
    private static function numbers(MarcRecord $marc): array
    {
        $numbers = [$marc->control('001') ?? ''];
        foreach ($marc->data('035') as $field) {
            $number = $field->first('a') ?? '';
            array_push($numbers, $number, preg_replace('/^\s*\([^)]*\)/', '', $number) ?? '');
        }
        foreach ($marc->data('022') as $field) {
            $numbers[] = $field->first('a') ?? '';
        }

        return array_values(array_filter(array_map(SearchField::numberWord(...), $numbers), static fn (string $number): bool => '' !== $number));
    }
}
