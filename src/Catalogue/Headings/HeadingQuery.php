<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

use Symfony\Component\Validator\Constraints as Assert;
use TinLantern\Core\Marc\Heading;

final readonly class HeadingQuery
{
    /**
     * @param string      $kind   n names, s subjects, g genres, t series
     * @param string      $q      where to begin, as typed
     * @param string|null $after  cursor: the places behind
     * @param string|null $before cursor: the places before
     */
    public function __construct(
        #[Assert\Choice(choices: Heading::KINDS, message: 'The kind of a heading is n, s, g or t.')]
        public string $kind = Heading::SUBJECT,
        public string $q = '',
        public ?string $after = null,
        public ?string $before = null,
        #[Assert\Range(notInRangeMessage: 'limit is from 1 to 100.', min: 1, max: 100)]
        public int $limit = 30,
    ) {
    }
}
