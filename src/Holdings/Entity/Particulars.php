<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Entity;

use Doctrine\ORM\Mapping as ORM;

/**
 * What is particular to one piece, beyond where it stands and how it is lent.
 */
#[ORM\Embeddable]
final readonly class Particulars
{
    /**
     * @param string $volume         volume, part or number of a set or serial
     * @param string $fund           who paid for it
     * @param int    $pieces         how many have to come back together
     * @param string $checkInMessage shown at the desk when it comes in; checkOutMessage when it goes out
     * @param string $serialNumber   of equipment
     */
    public function __construct(
        #[ORM\Column(length: 60)]
        public string $material = '',
        #[ORM\Column(length: 60)]
        public string $volume = '',
        #[ORM\Column(length: 120)]
        public string $vendor = '',
        #[ORM\Column(length: 120)]
        public string $fund = '',
        #[ORM\Column(type: 'smallint', options: ['unsigned' => true])]
        public int $pieces = 1,
        #[ORM\Column(length: 300)]
        public string $piecesNote = '',
        #[ORM\Column(length: 2000)]
        public string $publicNote = '',
        #[ORM\Column(length: 300)]
        public string $checkInMessage = '',
        #[ORM\Column(length: 300)]
        public string $checkOutMessage = '',
        #[ORM\Column(length: 120)]
        public string $serialNumber = '',
    ) {
    }
}
