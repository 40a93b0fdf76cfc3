<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

use TinLantern\Core\Sru\SruVersion;

/**
 * An outside catalogue to fetch records from.
 */
final readonly class Source
{
    /**
     * @param int                   $timeLimit in seconds
     * @param array<string, string> $indexes   names of its indexes by what is looked for: isbn, title, author, number
     */
    public function __construct(public string $code, public string $name, public string $url, public SruVersion $version, public int $timeLimit, public array $indexes)
    {
    }

    /** The address that asks for it. */
    public function address(string $by, string $typed, int $start, int $most): string
    {
        $parameters = ['version' => $this->version->value, 'query' => $this->indexes[$by].' = "'.addcslashes(trim($typed), '"\\').'"', 'startRecord' => $start, 'maximumRecords' => $most, 'recordSchema' => 'marcxml'];
        if (SruVersion::V20 !== $this->version) {
            $parameters = ['operation' => 'searchRetrieve'] + $parameters;
        }

        return $this->url.(str_contains($this->url, '?') ? '&' : '?').http_build_query($parameters);
    }
}
