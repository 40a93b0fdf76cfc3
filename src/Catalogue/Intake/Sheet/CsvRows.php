<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake\Sheet;

use TinLantern\Catalogue\Intake\Utf16;

/**
 * The rows of a text file with separated values: commas, semicolons or tabs, in UTF-8, UTF-16 or Windows-1252.
 */
final readonly class CsvRows
{
    /** @return \Generator<int, list<string>> */
    public static function of(string $path): \Generator
    {
        $stream = fopen($path, 'r');
        if (false === $stream) {
            return;
        }
        $begin = (string) fread($stream, 65_536);
        rewind($stream);
        $utf16 = Utf16::encodingOf($begin);
        $encoding = match (true) {
            null !== $utf16 => $utf16,
            mb_check_encoding(mb_strcut($begin, 0, \strlen($begin) - 4), 'UTF-8') => 'UTF-8',
            default => 'WINDOWS-1252',
        };
        if ('UTF-8' !== $encoding) {
            stream_filter_append($stream, "convert.iconv.{$encoding}/UTF-8", \STREAM_FILTER_READ);
            $begin = (string) mb_convert_encoding($begin, 'UTF-8', $encoding);
        }
        $separator = self::separator($begin);
        $isFirst = true;
        while (false !== $row = fgetcsv($stream, null, $separator, '"', '')) {
            $cells = array_map(static fn (?string $cell): string => $cell ?? '', $row);
            if ($isFirst) {
                $cells[0] = ltrim($cells[0], "\u{FEFF}");
                $cells[0] = trim($cells[0], '"');
                $isFirst = false;
            }
            yield $cells;
        }
        fclose($stream);
    }

    private static function separator(string $begin): string
    {
        $line = strtok(ltrim($begin, "\u{FEFF}\r\n"), "\r\n");
        $counts = [];
        foreach ([',', ';', "\t"] as $separator) {
            $counts[$separator] = substr_count(false === $line ? '' : $line, $separator);
        }
        arsort($counts);

        return (string) array_key_first($counts);
    }
}
