<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

/**
 * Labels as they would be printed.
 */
final readonly class LabelPreviewView
{
    /** @param list<PlacedLabelView> $labels */
    public function __construct(
        public float $pageWidth,
        public float $pageHeight,
        public float $width,
        public float $height,
        public float $textSize,
        public int $perPage,
        public array $labels,
    ) {
    }
}
