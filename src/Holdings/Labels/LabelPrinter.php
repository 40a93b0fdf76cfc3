<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

final readonly class LabelPrinter
{
    /**
     * @param string $address where it takes ZPL
     * @param string $sheet   code of the roll that is in it
     */
    public function __construct(public string $name, public string $address, public string $sheet, public int $dotsPerMm)
    {
    }
}
