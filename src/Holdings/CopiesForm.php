<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Symfony\Component\Validator\Constraints as Assert;
use TinLantern\Core\CallNumber\VolumeNumber;
use TinLantern\Platform\Problem\Invalid;

/**
 * Several items of a title at once: what they have in common, and either their barcodes or the range that gives them.
 */
final readonly class CopiesForm
{
    /**
     * @param string       $id         a UUID of the sender's making: the same form sent twice is saved once
     * @param int          $copies     how many, when a range gives the barcodes
     * @param string       $range      code of a barcode range; empty when the barcodes are given
     * @param list<string> $barcodes   as scanned, one for each copy
     * @param string|null  $price      as 12.50
     * @param bool         $areVolumes whether they are the volumes of one set: then volume is that of the first, and a suffix that is the same goes up with it
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        #[Assert\Range(notInRangeMessage: 'Add from 1 to 200 copies at once.', min: 1, max: 200)]
        public int $copies = 1,
        public string $range = '',
        #[Assert\Count(max: 200, maxMessage: 'Add at most 200 copies at once.')]
        #[Assert\All([new Assert\Type('string', message: 'A barcode is a text.')])]
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
        public string $material = '',
        public string $volume = '',
        public string $vendor = '',
        public string $fund = '',
        public int $pieces = 1,
        public string $piecesNote = '',
        public string $publicNote = '',
        public string $checkInMessage = '',
        public string $checkOutMessage = '',
        public string $temporaryLocation = '',
        public ?string $temporaryUntil = null,
        public bool $areVolumes = false,
    ) {
    }

    /**
     * One of them.
     *
     * @param int $place from 0
     */
    public function item(string $barcode, string $copy, int $place): ItemForm
    {
        $volume = $this->areVolumes ? VolumeNumber::behind($this->volume, $place) ?? throw new Invalid(['volume' => 'Say the number of the first volume, as in v.1.']) : $this->volume;

        return new ItemForm(
            id: $this->id,
            barcode: $barcode,
            status: $this->status,
            branch: $this->branch,
            location: $this->location,
            lendingClass: $this->lendingClass,
            prefix: $this->prefix,
            callNumber: $this->callNumber,
            suffix: $this->areVolumes && $this->suffix === $this->volume ? $volume : $this->suffix,
            copy: $copy,
            price: $this->price,
            acquiredOn: $this->acquiredOn,
            staffNote: $this->staffNote,
            material: $this->material,
            volume: $volume,
            vendor: $this->vendor,
            fund: $this->fund,
            piecesNote: $this->piecesNote,
            publicNote: $this->publicNote,
            checkInMessage: $this->checkInMessage,
            checkOutMessage: $this->checkOutMessage,
            pieces: $this->pieces,
            temporaryLocation: $this->temporaryLocation,
            temporaryUntil: $this->temporaryUntil,
        );
    }
}
