<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class RecordQuery
{
    /**
     * @param string                $in     any, title, author, subject, isbn, callNumber, number or year
     * @param array<string, string> $filter by `format`, `language`, `decade`, `branch` (its code) and `added` (the first day, such as 2026-03-01)
     * @param string                $sort   relevance, title or newest
     */
    public function __construct(
        #[Assert\Length(max: 300, maxMessage: 'A search has at most 300 characters.')]
        public string $q = '',
        #[Assert\Choice(choices: ['any', 'title', 'author', 'subject', 'isbn', 'callNumber', 'number', 'year'], message: 'in is any, title, author, subject, isbn, callNumber, number or year.')]
        public string $in = 'any',
        #[Assert\All([new Assert\Type('string', message: 'A filter has one value.')])]
        public array $filter = [],
        #[Assert\Choice(choices: ['relevance', 'title', 'newest'], message: 'sort is relevance, title or newest.')]
        public string $sort = 'relevance',
        #[Assert\Length(max: 220, maxMessage: 'after comes from the page before.')]
        public ?string $after = null,
        #[Assert\Range(notInRangeMessage: 'limit is from 1 to 100.', min: 1, max: 100)]
        public int $limit = 25,
    ) {
    }
}
