<?php

declare(strict_types=1);

namespace TinLantern\Core\Labels;

/**
 * How labels stand on a sheet or a roll. All lengths in millimetres; on a roll each label is a page.
 */
final readonly class LabelSheet
{
    /**
     * @param float $pageWidth  of the sheet, or of the roll
     * @param float $pageHeight of the sheet; of a label on a roll
     * @param int   $columns    labels side by side
     * @param int   $rows       labels one below the other
     * @param float $left       from the edge to the first label
     * @param float $top        from the edge to the first label
     * @param float $width      of a label
     * @param float $height     of a label
     * @param float $stepX      from the left edge of one label to that of the next
     * @param float $stepY      from the top edge of one label to that of the next
     * @param float $textSize   in points
     */
    public function __construct(
        public float $pageWidth,
        public float $pageHeight,
        public int $columns,
        public int $rows,
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public float $stepX,
        public float $stepY,
        public float $textSize,
    ) {
    }

    public function perPage(): int
    {
        return $this->columns * $this->rows;
    }

    /** How many characters of the fixed-width face a line of a label has room for, with a margin of 1 mm on both sides. */
    public function characters(): int
    {
        // A character of the face is 0.6 of its size wide; a point is 0.3528 mm.
        return max(3, (int) floor(($this->width - 2) / ($this->textSize * 0.3528 * 0.6)));
    }

    /** How many lines a label has room for. */
    public function lines(): int
    {
        return max(1, (int) floor(($this->height - 2) / $this->lineHeight()));
    }

    public function lineHeight(): float
    {
        return $this->textSize * 0.3528 * 1.15;
    }

    /**
     * Where a label stands.
     *
     * @param int $place from 0: the first one of the first page
     */
    public function place(int $place): LabelPlace
    {
        $onPage = $place % $this->perPage();

        return new LabelPlace(
            intdiv($place, $this->perPage()),
            $this->left + $this->stepX * ($onPage % $this->columns),
            $this->top + $this->stepY * intdiv($onPage, $this->columns),
        );
    }

    /** Do all labels fit on the page? */
    public function fits(): bool
    {
        return $this->columns > 0 && $this->rows > 0
            && $this->left + $this->stepX * ($this->columns - 1) + $this->width <= $this->pageWidth + 0.01
            && $this->top + $this->stepY * ($this->rows - 1) + $this->height <= $this->pageHeight + 0.01;
    }
}
