<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * Several items of a title at once: what they have in common, and either their barcodes or the range that gives them.
 */
final readonly class CopiesForm
{
    /**
     * @param string       $id       a UUID of the sender's making: the same form sent twice is saved once
     * @param int          $copies   how many, when a range gives the barcodes
     * @param string       $range    code of a barcode range; empty when the barcodes are given
     * @param list<string> $barcodes as scanned, one for each copy
     * @param string|null  $price    as 12.50
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\Range(notInRangeMessage: 'Add from 1 to 200 copies at once.', min: 1, max: 200)]
        public int $copies = 1,
        public string $range = '',
        #[Assert\Count(max: 200, maxMessage: 'Add at most 200 copies at once.')]
        public array $barcodes = [],
        public string $status = 'available',
        public string $branch = '',
        public string $location = '',
        public string $lendingClass = '',
        public string $prefix = '',
        public string $callNumber = '',
        public string $suffix = '',
        public ?string $price = null,
        public ?string $acquiredOn = null,
        public string $staffNote = '',
    ) {
    }

    public function item(string $barcode, string $copy): ItemForm
    {
        return new ItemForm($this->id, null, $barcode, $this->status, $this->branch, $this->location, $this->lendingClass, $this->prefix, $this->callNumber, $this->suffix, $copy, $this->price, $this->acquiredOn, $this->staffNote);
    }
}
