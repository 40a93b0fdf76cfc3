<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Symfony\Component\Validator\Constraints as Assert;
use TinLantern\Holdings\Entity\Particulars;

/**
 * An item as entered.
 */
final readonly class ItemForm
{
    /**
     * @param string      $id                a UUID of the sender's making: the same form sent twice is saved once
     * @param int|null    $version           the version the form began from, when changing
     * @param string|null $price             as 12.50
     * @param string      $temporaryLocation where it stands until the end of temporaryUntil; empty for none
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        public ?int $version = null,
        #[Assert\NotBlank(message: 'Scan or enter the barcode.', normalizer: 'trim')]
        #[Assert\Length(max: 40, maxMessage: 'A barcode has at most 40 characters.')]
        #[Assert\Regex(pattern: '/^[!-~]*$/', message: 'A barcode has no blanks and only characters that a scanner reads.')]
        public string $barcode = '',
        public string $status = 'available',
        #[Assert\NotBlank(message: 'Choose the branch.')]
        public string $branch = '',
        #[Assert\NotBlank(message: 'Choose the shelving location.')]
        public string $location = '',
        #[Assert\NotBlank(message: 'Choose the lending class.')]
        public string $lendingClass = '',
        #[Assert\Length(max: 40, maxMessage: 'A prefix has at most 40 characters.')]
        public string $prefix = '',
        #[Assert\Length(max: 190, maxMessage: 'A call number has at most 190 characters.')]
        public string $callNumber = '',
        #[Assert\Length(max: 60, maxMessage: 'A suffix has at most 60 characters.')]
        public string $suffix = '',
        #[Assert\Length(max: 20, maxMessage: 'A copy number has at most 20 characters.')]
        public string $copy = '',
        #[Assert\Length(max: 20, maxMessage: 'A price has at most 20 characters.')]
        public ?string $price = null,
        #[Assert\Date(message: 'Enter the date acquired as 2026-03-17.')]
        public ?string $acquiredOn = null,
        #[Assert\Length(max: 2000, maxMessage: 'A note has at most 2,000 characters.')]
        public string $staffNote = '',
        #[Assert\Length(max: 60, maxMessage: 'A material has at most 60 characters.')]
        public string $material = '',
        #[Assert\Length(max: 60, maxMessage: 'A volume or part has at most 60 characters.')]
        public string $volume = '',
        #[Assert\Length(max: 120, maxMessage: 'A vendor has at most 120 characters.')]
        public string $vendor = '',
        #[Assert\Length(max: 120, maxMessage: 'A funding source has at most 120 characters.')]
        public string $fund = '',
        #[Assert\Length(max: 300, maxMessage: 'A description of pieces has at most 300 characters.')]
        public string $piecesNote = '',
        #[Assert\Length(max: 2000, maxMessage: 'A note has at most 2,000 characters.')]
        public string $publicNote = '',
        #[Assert\Length(max: 300, maxMessage: 'A message has at most 300 characters.')]
        public string $checkInMessage = '',
        #[Assert\Length(max: 300, maxMessage: 'A message has at most 300 characters.')]
        public string $checkOutMessage = '',
        #[Assert\Length(max: 120, maxMessage: 'A serial number has at most 120 characters.')]
        public string $serialNumber = '',
        #[Assert\Range(notInRangeMessage: 'An item has from 1 to 999 pieces.', min: 1, max: 999)]
        public int $pieces = 1,
        public string $temporaryLocation = '',
        #[Assert\Date(message: 'Enter the last day at the temporary location as 2026-03-17.')]
        public ?string $temporaryUntil = null,
    ) {
    }

    public function particulars(): Particulars
    {
        return new Particulars(
            trim($this->material),
            trim($this->volume),
            trim($this->vendor),
            trim($this->fund),
            $this->pieces,
            trim($this->piecesNote),
            trim($this->publicNote),
            trim($this->checkInMessage),
            trim($this->checkOutMessage),
            trim($this->serialNumber),
        );
    }
}
