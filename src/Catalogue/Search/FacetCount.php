<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

/**
 * Adds up facets from groups of hits.
 */
final class FacetCount
{
    public int $total = 0;

    /** @var array<string, array<array-key, int>> */
    private array $counts = ['format' => [], 'branch' => [], 'language' => [], 'decade' => []];

    public function add(string $format, string $language, ?int $decade, string $branches, int $hits): void
    {
        $this->total += $hits;
        $this->count('format', $format, $hits);
        $this->count('language', $language, $hits);
        $this->count('decade', (string) $decade, $hits);
        foreach (explode(',', $branches) as $branch) {
            $this->count('branch', $branch, $hits);
        }
    }

    /** @return list<Facet> each name's values, the most frequent first; decades the latest first */
    public function list(): array
    {
        $facets = [];
        foreach ($this->counts as $name => $counts) {
            'decade' === $name ? krsort($counts) : arsort($counts);
            foreach ($counts as $value => $count) {
                $facets[] = new Facet($name, (string) $value, $count);
            }
        }

        return $facets;
    }

    public function count(string $name, string $value, int $hits): void
    {
        if ('' !== $value) {
            $this->counts[$name][$value] = ($this->counts[$name][$value] ?? 0) + $hits;
        }
    }
}
