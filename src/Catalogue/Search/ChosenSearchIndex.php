<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * The index that this installation has chosen: an outside engine when its DSN is given, else the database itself.
 */
final readonly class ChosenSearchIndex
{
    public function __construct(private MariaDbSearchIndex $database, private SphinxSearchIndex $engine, private string $searchDsn)
    {
    }

    public function __invoke(): SearchIndex
    {
        return '' === $this->searchDsn ? $this->database : $this->engine;
    }
}
