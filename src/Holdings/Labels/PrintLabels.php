<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

use TinLantern\Core\Labels\LabelSheet;
use TinLantern\Core\Labels\LineBreaks;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Sets labels: for the preview, and as PDF at their true size. Both by the same places and line breaks.
 */
final readonly class PrintLabels
{
    private const FACE = 'dejavusansmono';
    private const MARGIN = 1.0;

    public function __construct(private WaitingLabels $waiting, private LabelSheets $sheets)
    {
    }

    public function preview(LabelQuery $query): LabelPreviewView
    {
        $sheet = $this->sheet($query);

        return new LabelPreviewView($sheet->pageWidth, $sheet->pageHeight, $sheet->width, $sheet->height, $sheet->textSize, $sheet->perPage(), $this->placed($query, $sheet));
    }

    /** @return string the bytes of a PDF */
    public function pdf(LabelQuery $query): string
    {
        $sheet = $this->sheet($query);
        $labels = $this->placed($query, $sheet);
        if ([] === $labels) {
            throw new Invalid(['items' => 'There is no label to print.']);
        }
        $pdf = new LabelPdf($sheet->pageWidth > $sheet->pageHeight ? 'L' : 'P', [$sheet->pageWidth, $sheet->pageHeight]);
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setCreator('Tin Lantern');
        $page = -1;
        foreach ($labels as $label) {
            while ($page < $label->page) {
                $pdf->AddPage();
                ++$page;
            }
            'spine' === $query->kind ? $this->spine($pdf, $sheet, $label) : $this->barcode($pdf, $sheet, $label, $query->kind);
        }
        $bytes = $pdf->Output('labels.pdf', 'S');

        return \is_string($bytes) ? $bytes : throw new \LogicException('The PDF has no bytes.');
    }

    private function spine(LabelPdf $pdf, LabelSheet $sheet, PlacedLabelView $label): void
    {
        $pdf->setFont(self::FACE, '', $sheet->textSize);
        foreach (\array_slice($label->lines, 0, $sheet->lines()) as $index => $line) {
            $pdf->setXY($label->x + self::MARGIN, $label->y + self::MARGIN + $index * $sheet->lineHeight());
            $pdf->Cell($sheet->width - 2 * self::MARGIN, $sheet->lineHeight(), $line);
        }
    }

    private function barcode(LabelPdf $pdf, LabelSheet $sheet, PlacedLabelView $label, string $kind): void
    {
        $pdf->setFont('dejavusans', '', min(7, $sheet->textSize));
        $pdf->setXY($label->x + 2, $label->y + 1.5);
        $pdf->Cell($sheet->width - 4, 3.5, mb_strimwidth($label->title, 0, (int) ($sheet->width / 1.5), '…'));
        $style = ['position' => '', 'stretch' => false, 'fitwidth' => true, 'hpadding' => 3, 'text' => true, 'font' => self::FACE, 'fontsize' => 8, 'stretchtext' => 0];
        $pdf->write1DBarcode($label->barcode, 'code39' === $kind ? 'C39' : 'C128', $label->x + 1, $label->y + 5.5, $sheet->width - 2, $sheet->height - 7.5, 0.33, $style, 'N');
    }

    /** @return list<PlacedLabelView> */
    private function placed(LabelQuery $query, LabelSheet $sheet): array
    {
        $labels = '' === $query->items ? $this->waiting->allBut($query->leftOut()) : $this->waiting->of($query->ids());
        $placed = [];
        foreach ($labels as $index => $label) {
            $place = $sheet->place($query->first - 1 + $index);
            $lines = LineBreaks::of($label->callNumber, $sheet->characters());
            $longest = max([0, ...array_map(mb_strlen(...), $lines)]);
            $placed[] = new PlacedLabelView($label->item, $place->page, round($place->x, 2), round($place->y, 2), $label->barcode, $label->title, $lines, \count($lines) <= $sheet->lines() && $longest <= $sheet->characters());
        }

        return $placed;
    }

    private function sheet(LabelQuery $query): LabelSheet
    {
        return $this->sheets->find($query->sheet) ?? throw NotFound::of('label sheet', $query->sheet);
    }
}
