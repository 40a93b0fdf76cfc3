<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Shelf;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class ShelfQuery
{
    /**
     * @param string      $callNumber where to begin, as written
     * @param int         $item       or: the item whose neighbours are wanted
     * @param string      $location   code of the shelving location; empty for the item's own, or the first one
     * @param string      $branch     code of the branch; empty for all
     * @param string|null $after      cursor: the places behind
     * @param string|null $before     cursor: the places before
     */
    public function __construct(
        #[Assert\Length(max: 190, maxMessage: 'A call number has at most 190 characters.')]
        public string $callNumber = '',
        public int $item = 0,
        public string $location = '',
        public string $branch = '',
        #[Assert\Regex(pattern: '/^[0-9a-f]*:\d{1,10}$/', message: 'after comes from the page before.')]
        public ?string $after = null,
        #[Assert\Regex(pattern: '/^[0-9a-f]*:\d{1,10}$/', message: 'before comes from the page behind.')]
        public ?string $before = null,
        #[Assert\Range(notInRangeMessage: 'limit is from 1 to 100.', min: 1, max: 100)]
        public int $limit = 20,
    ) {
    }
}
