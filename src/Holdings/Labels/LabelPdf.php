<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

/**
 * A PDF with nothing on it but what is put there.
 */
final class LabelPdf extends \TCPDF
{
    /** @param array{float, float} $size of a page, in millimetres */
    public function __construct(string $orientation, array $size)
    {
        parent::__construct($orientation, 'mm', $size, true, 'UTF-8');
        $this->tcpdflink = false;
    }
}
