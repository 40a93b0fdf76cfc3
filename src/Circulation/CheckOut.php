<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Lend this item to this patron.
 */
final readonly class CheckOut
{
    /**
     * @param string      $id       a UUID of the desk's making: the same act sent twice is done once
     * @param int         $patron   id
     * @param string|null $override why what stands in the way is overridden
     * @param string|null $due      another due day than the rule's, as 2026-03-17
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\NotBlank(message: 'Scan or enter the barcode of an item.')]
        #[Assert\Length(max: 60, maxMessage: 'A barcode has at most 40 characters.')]
        public string $barcode = '',
        #[Assert\Positive(message: 'Say which patron takes the item.')]
        public int $patron = 0,
        #[Assert\Length(max: 400, maxMessage: 'A reason has at most 400 characters.')]
        public ?string $override = null,
        #[Assert\Date(message: 'Enter the due day as 2026-03-17.')]
        public ?string $due = null,
    ) {
    }
}
