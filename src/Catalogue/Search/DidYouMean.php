<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Core\Search\SearchWords;
use TinLantern\Core\Search\Slips;

/**
 * For words that the catalogue does not know, the ones that it does know and that are one slip of typing away.
 */
final readonly class DidYouMean
{
    public function __construct(private SearchIndex $index)
    {
    }

    /** @return string|null what was typed, with other words in it; null when nothing better is known */
    public function __invoke(string $typed, SearchField $field): ?string
    {
        $mark = $field->mark();
        $meant = $this->meant(SearchWords::inOrder($typed), $mark);
        if ([] === $meant) {
            return null;
        }
        $text = preg_replace_callback('/[^\s"]+/u', static function (array $chunk) use ($meant): string {
            $words = SearchWords::inOrder($chunk[0]);

            return [] === array_intersect_key($meant, array_flip($words)) ? $chunk[0] : implode(' ', array_map(static fn (string $word): string => $meant[$word] ?? rtrim($word, '_'), $words));
        }, $typed);

        return $text === $typed ? null : $text;
    }

    /**
     * @param list<string> $words
     *
     * @return array<array-key, string> known words by those that are not known
     */
    private function meant(array $words, string $mark): array
    {
        $known = $this->index->known(array_map(static fn (string $word): string => $mark.$word, $words));
        $meant = [];
        foreach (array_unique($words) as $word) {
            if (\in_array($mark.$word, $known, true)) {
                continue;
            }
            $near = $this->index->known(array_map(static fn (string $other): string => $mark.$other, Slips::of($word)));
            if ([] !== $near) {
                $meant[$word] = substr($near[0], \strlen($mark));
            }
        }

        return $meant;
    }
}
