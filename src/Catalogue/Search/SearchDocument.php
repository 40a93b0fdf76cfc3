<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\RecordColumns;
use TinLantern\Core\Calendar\Day;
use TinLantern\Core\CallNumber\CallNumberWord;

/**
 * What a search index knows of one record with its items: its words in the order of the text (those of title, author and subject once
 * more with a mark of the field), numbers, and what it can be narrowed by.
 */
final readonly class SearchDocument
{
    /** Stands between fields, so that no phrase reaches from one into the next. Shorter than any word. */
    public const BREAK = '__';

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
    public static function of(int $recordId, DescribedRecord $record, array $items, Day $addedOn): self
    {
        $brief = $record->brief;
        $words = $record->words()->single;
        $branches = [];
        foreach ($items as $item) {
            $words[] = SearchField::CallNumber->mark().CallNumberWord::of($item->prefix.' '.$item->callNumber);
            $words[] = SearchField::CallNumber->mark().CallNumberWord::of($item->callNumber);
            $branches[$item->branchId] = $item->branchId;
        }
        sort($branches);

        return new self(
            $recordId,
            implode(' '.self::BREAK.' ', [...$record->words()->texts, implode(' ', array_unique($words))]),
            RecordColumns::titleKey($brief),
            $brief->year,
            $brief->format->value,
            $brief->language,
            $brief->decade(),
            $branches,
            $addedOn,
        );
    }
}
