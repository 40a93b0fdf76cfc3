<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

use TinLantern\Core\Marc\Heading;

/**
 * Goes along the list of headings in their order, in both directions from where somebody begins to type.
 */
final readonly class BrowseHeadings
{
    private const BEFORE = 4;

    public function __construct(private Headings $headings)
    {
    }

    public function __invoke(HeadingQuery $query): HeadingListView
    {
        if (null !== $query->after) {
            $behind = $this->headings->along($query->kind, '>', $query->after, $query->limit + 1);

            return self::view(\array_slice($behind, 0, $query->limit), null, true, \count($behind) > $query->limit);
        }
        if (null !== $query->before) {
            $before = $this->headings->along($query->kind, '<', $query->before, $query->limit + 1);

            return self::view(array_reverse(\array_slice($before, 0, $query->limit)), null, \count($before) > $query->limit, true);
        }
        $from = Heading::sortKey($query->q);
        $before = $this->headings->along($query->kind, '<', $from, self::BEFORE + 1);
        $behind = $this->headings->along($query->kind, '>=', $from, $query->limit + 1);
        $shown = [...array_reverse(\array_slice($before, 0, self::BEFORE)), ...\array_slice($behind, 0, $query->limit)];

        return self::view($shown, [] === $behind || '' === $from ? null : min(\count($before), self::BEFORE), \count($before) > self::BEFORE, \count($behind) > $query->limit);
    }

    /**
     * @param list<HeadingPlace> $shown
     * @param int|null           $at    which of these places was asked for
     */
    private static function view(array $shown, ?int $at, bool $hasBefore, bool $hasBehind): HeadingListView
    {
        return new HeadingListView(
            self::headings($shown),
            null === $at ? null : \count(self::headings(\array_slice($shown, 0, $at))),
            $hasBefore ? $shown[0]->key ?? null : null,
            $hasBehind ? $shown[\count($shown) - 1]->key ?? null : null,
        );
    }

    /**
     * @param list<HeadingPlace> $places
     *
     * @return list<HeadingView>
     */
    private static function headings(array $places): array
    {
        return array_merge(...array_map(static fn (HeadingPlace $place): array => $place->headings, $places));
    }
}
