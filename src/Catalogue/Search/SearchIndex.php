<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * Where records are looked up by words: MariaDB itself by default, an outside engine where a catalogue has outgrown it.
 */
interface SearchIndex
{
    /**
     * Puts documents in, in the place of those with the same record.
     *
     * @param list<SearchDocument> $documents
     */
    public function put(array $documents): void;

    /** Finds one page of record ids, and the facets of all hits. */
    public function find(SearchQuestion $question): SearchHits;
}
