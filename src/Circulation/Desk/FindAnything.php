<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

use TinLantern\Catalogue\RecordQuery;
use TinLantern\Catalogue\SearchRecords;
use TinLantern\Holdings\ItemPage;
use TinLantern\Patrons\FindPatrons;
use TinLantern\Patrons\PatronQuery;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;

/**
 * What the Lantern bar finds while somebody types: patrons, titles and items at once.
 */
final readonly class FindAnything
{
    private const EACH = 5;

    public function __construct(private FindPatrons $patrons, private SearchRecords $records, private ItemPage $items)
    {
    }

    public function __invoke(string $typed, Actor $actor): FoundView
    {
        $typed = trim($typed);
        if ('' === $typed) {
            return new FoundView([], [], null);
        }

        return new FoundView(
            $actor->may(Permission::ViewPatrons) ? ($this->patrons)(new PatronQuery($typed, limit: self::EACH))->patrons : [],
            ($this->records)(new RecordQuery(mb_substr($typed, 0, 300), limit: self::EACH), true)->records,
            $this->items->withBarcode($typed),
        );
    }
}
