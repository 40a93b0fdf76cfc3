<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Items that are to stand on another record.
 */
final readonly class MovedItems
{
    /**
     * @param string    $id    a UUID of the sender's making: the same act sent twice is done once
     * @param list<int> $items their ids
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\Count(min: 1, max: 500, minMessage: 'Choose the items to move.', maxMessage: 'Move at most 500 items at once.')]
        #[Assert\All([new Assert\Type('int', message: 'Items are given by their numbers.'), new Assert\Positive(message: 'Items are given by their numbers.')])]
        public array $items = [],
    ) {
    }
}
