<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * This item has come in at this desk.
 */
final readonly class CheckIn
{
    /** @param string $id a UUID of the desk's making: the same act sent twice is done once */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\NotBlank(message: 'Scan or enter the barcode of an item.')]
        #[Assert\Length(max: 60, maxMessage: 'A barcode has at most 40 characters.')]
        public string $barcode = '',
    ) {
    }
}
