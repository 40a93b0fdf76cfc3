<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class LabelItems
{
    /** @param list<int> $items ids */
    public function __construct(
        #[Assert\Count(max: 1000, maxMessage: 'At most 1,000 labels at once.')]
        #[Assert\All([new Assert\Type('int', message: 'Items are given by their numbers.'), new Assert\Positive(message: 'Items are given by their numbers.')])]
        public array $items = [],
    ) {
    }
}
