<?php

declare(strict_types=1);

namespace TinLantern\Standins;

/**
 * A label printer that prints on the screen: takes ZPL, and shows the labels it has printed, with bars that a scanner reads.
 */
final readonly class LabelPrinter
{
    private const SHOWN = 60;

    public function __construct(private string $directory)
    {
    }

    /** Prints a job; one that comes twice is printed once. */
    public function print(string $job, string $zpl): void
    {
        @mkdir($this->directory, 0700, true);
        $name = $this->directory.'/'.hash('sha256', $job);
        if (!is_file($name.'.zpl')) {
            file_put_contents($name.'.'.getmypid(), $zpl);
            rename($name.'.'.getmypid(), $name.'.zpl');
        }
    }

    /** The page that shows what was printed, the latest first. */
    public function page(): string
    {
        $files = glob($this->directory.'/*.zpl');
        $files = false === $files ? [] : $files;
        usort($files, static fn (string $a, string $b): int => filemtime($b) <=> filemtime($a));
        $html = '';
        foreach (\array_slice($files, 0, self::SHOWN) as $file) {
            preg_match_all('/\^XA(.*?)\^XZ/s', (string) file_get_contents($file), $labels);
            $html .= '<h2>'.date('H:i:s', (int) filemtime($file)).', '.\count($labels[1]).' labels</h2><div>'.implode('', array_map($this->drawn(...), $labels[1])).'</div>';
        }

        return '<!doctype html><html lang="en"><meta charset="utf-8"><title>Label printer</title><style>body{font:14px sans-serif;background:#ddd;margin:24px}svg{background:#fff;margin:6px;border-radius:4px}</style>'
            .'<h1>What this printer has printed</h1>'.('' === $html ? '<p>Nothing yet.</p>' : $html).'</html>';
    }

    private function drawn(string $zpl): string
    {
        $number = static fn (string $pattern, int $otherwise): int => 1 === preg_match($pattern, $zpl, $found) ? (int) $found[1] : $otherwise;
        [$width, $height] = [$number('/\^PW(\d+)/', 400), $number('/\^LL(\d+)/', 200)];
        $drawing = '';
        preg_match_all('/\^FO(\d+),(\d+)(.*?)\^FD(.*?)\^FS/s', $zpl, $fields, \PREG_SET_ORDER);
        foreach ($fields as [, $x, $y, $commands, $data]) {
            $text = preg_replace_callback('/_([0-9A-F]{2})/', static fn (array $found): string => \chr((int) hexdec($found[1])), $data) ?? '';
            $drawing .= 1 === preg_match('/\^A0N,(\d+)/', $commands, $size)
                ? \sprintf('<text x="%d" y="%d" font-family="monospace" font-size="%d">%s</text>', $x, (int) $y + (int) $size[1], $size[1], htmlspecialchars($text))
                : $this->bars((int) $x, (int) $y, $commands, $text);
        }

        return "<svg width=\"{$width}\" height=\"{$height}\" viewBox=\"0 0 {$width} {$height}\">{$drawing}</svg>";
    }

    private function bars(int $x, int $y, string $commands, string $text): string
    {
        $module = 1 === preg_match('/\^BY(\d+)/', $commands, $by) ? (int) $by[1] : 2;
        $height = 1 === preg_match('/\^B(?:CN,|3N,N,)(\d+)/', $commands, $bars) ? (int) $bars[1] : 80;
        $code = (new \TCPDFBarcode($text, str_contains($commands, '^B3') ? 'C39' : 'C128'))->getBarcodeArray();
        $drawing = '';
        $at = $x;
        /** @var list<array{t: bool, w: int}> $all */
        $all = $code['bcode'] ?? [];
        foreach ($all as $bar) {
            if ($bar['t']) {
                $drawing .= \sprintf('<rect x="%d" y="%d" width="%d" height="%d"/>', $at, $y, $bar['w'] * $module, $height);
            }
            $at += $bar['w'] * $module;
        }

        return $drawing.\sprintf('<text x="%d" y="%d" font-family="monospace" font-size="20">%s</text>', $x, $y + $height + 20, htmlspecialchars($text));
    }
}
