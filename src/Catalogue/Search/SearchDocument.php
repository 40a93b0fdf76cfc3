<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Catalogue\RecordColumns;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\CallNumber\CallNumberWord;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Search\SearchWords;

/**
 * What a search index knows of one record with its items: its words in the order of the text (those of title, author and subject once
 * more with a mark of the field), numbers, and what it can be narrowed by.
 */
final readonly class SearchDocument
{
    /** Stands between fields, so that no phrase reaches from one into the next. Shorter than any word. */
    public const BREAK = '__';
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
        public Day $addedOn,
    ) {
    }

    /** @param list<HeldItem> $items */
    public static function of(int $recordId, MarcRecord $marc, BriefDescription $brief, array $items, Day $addedOn): self
    {
        [$texts, $words] = self::read($marc);
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
            implode(' '.self::BREAK.' ', [...$texts, implode(' ', array_unique($words))]),
            RecordColumns::titleKey($brief),
            $brief->year,
            $brief->format->value,
            $brief->language,
            $brief->decade(),
            $branches,
            $addedOn,
        );
    }

    /** @return array{list<string>, list<string>} the running words of each field, plain and marked; and single words */
    private static function read(MarcRecord $marc): array
    {
        $plain = $marked = $single = [];
        foreach ($marc->fields as $field) {
            if ('001' === $field->tag && !$field instanceof DataField) {
                array_push($single, ...SearchWords::inText($field->value));
            }
            if (!$field instanceof DataField || !self::isRead($field->tag)) {
                continue;
            }
            $running = $joined = [];
            foreach ($field->subfields as $subfield) {
                if (!str_contains(self::LINKING, $subfield->code)) {
                    array_push($running, ...SearchWords::inOrder($subfield->value));
                    array_push($joined, ...SearchWords::joined($subfield->value));
                }
            }
            if ([] === $running) {
                continue;
            }
            $plain[] = implode(' ', $running);
            array_push($single, ...$joined);
            $mark = SearchField::ofTag($field->tag)?->mark();
            if (null !== $mark) {
                $marked[] = $mark.implode(' '.$mark, $running);
                array_push($single, ...array_map(static fn (string $word): string => $mark.$word, $joined));
            }
        }

        return [[...$plain, ...$marked], $single];
    }

    private static function isRead(string $tag): bool
    {
        return '852' !== $tag && '876' !== $tag && ($tag >= '100' || \in_array($tag, ['020', '022', '024', '028', '035', '050', '082'], true));
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
