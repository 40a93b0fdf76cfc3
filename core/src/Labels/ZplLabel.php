<?php

declare(strict_types=1);

namespace TinLantern\Core\Labels;

/**
 * A label in ZPL II, the page language of label printers: fields placed in dots, text in UTF-8.
 *
 * What is printed never reaches the printer as a command: carets, tildes and underscores are written as hexadecimal.
 */
final readonly class ZplLabel
{
    private const MARGIN_MM = 1.0;
    private const POINT_MM = 0.3528;

    /** @param int $dotsPerMm of the printer: 8 for 203 dpi, 12 for 300 dpi */
    public function __construct(private LabelSheet $sheet, private int $dotsPerMm = 8)
    {
    }

    /** @param list<string> $lines of a call number */
    public function spine(array $lines): string
    {
        $height = $this->sheet->textSize * self::POINT_MM;
        $fields = '';
        foreach (\array_slice($lines, 0, $this->sheet->lines()) as $index => $line) {
            $fields .= $this->text(self::MARGIN_MM, self::MARGIN_MM + $index * $this->sheet->lineHeight(), $height, $line);
        }

        return $this->label($fields);
    }

    /**
     * A barcode with the beginning of the title above it and its characters below.
     *
     * @param bool $isCode39 Code 39, otherwise Code 128
     */
    public function barcode(string $title, string $barcode, bool $isCode39): string
    {
        $height = $this->dots(max(5.0, $this->sheet->height - 11));
        $bars = $isCode39 ? "^B3N,N,{$height},Y,N" : "^BCN,{$height},Y,N,N";
        $module = $this->dots($this->sheet->width) >= 300 ? 2 : 1;

        return $this->label(
            $this->text(2, 1.5, 2.5, mb_strimwidth($title, 0, max(8, (int) ($this->sheet->width / 1.5)), '…'))
            .'^FO'.$this->dots(3).','.$this->dots(5)."^BY{$module}{$bars}".self::data($barcode),
        );
    }

    private function label(string $fields): string
    {
        return '^XA^CI28^PW'.$this->dots($this->sheet->width).'^LL'.$this->dots($this->sheet->height)."^LH0,0\n{$fields}^XZ\n";
    }

    private function text(float $x, float $y, float $height, string $text): string
    {
        return '^FO'.$this->dots($x).','.$this->dots($y).'^A0N,'.$this->dots($height).','.$this->dots($height * 0.6).self::data($text);
    }

    private static function data(string $text): string
    {
        return '^FH_^FD'.(preg_replace_callback('/[\x00-\x1F^~_\x7F]/', static fn (array $found): string => \sprintf('_%02X', \ord($found[0])), $text) ?? '')."^FS\n";
    }

    private function dots(float $mm): int
    {
        return (int) round($mm * $this->dotsPerMm);
    }
}
