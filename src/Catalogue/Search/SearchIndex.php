<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * Where records are looked up by words: MariaDB itself by default, an outside engine where a catalogue has outgrown it.
 */
interface SearchIndex
{
    /** As many hits are reached in any order; all of them only in that of their numbers. */
    public const LISTED = 20_000;

    /**
     * Puts documents in, in the place of those with the same record. Within a transaction they count from its end on.
     *
     * @param list<SearchDocument> $documents
     */
    public function put(array $documents): void;

    /**
     * Takes the documents of these records out.
     *
     * @param list<int> $recordIds
     */
    public function remove(array $recordIds): void;

    /**
     * Finds one page of record ids, and the facets of all hits.
     *
     * @throws SearchIsAway
     */
    public function find(SearchQuestion $question): SearchHits;

    /**
     * Which of these marked words are in the index, the most frequent first.
     *
     * @param list<string> $words
     *
     * @return list<string>
     *
     * @throws SearchIsAway
     */
    public function known(array $words): array;

    /** A name that changes when documents are kept elsewhere or otherwise, so that all of them have to be put in anew. */
    public function name(): string;
}
