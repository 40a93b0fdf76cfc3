<?php

declare(strict_types=1);

namespace TinLantern\Core\Tabular;

/**
 * A line of CSV to be given out (RFC 4180). A cell that a spreadsheet would take for a formula gets an apostrophe in front.
 */
final class CsvLine
{
    /** @param list<string> $cells */
    public static function write(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells))."\r\n";
    }

    private static function cell(string $cell): string
    {
        $harmless = 1 === preg_match('/^[=+@\t\r-]/', $cell) ? "'".$cell : $cell;

        return 1 === preg_match('/[",\r\n]/', $harmless) ? '"'.str_replace('"', '""', $harmless).'"' : $harmless;
    }
}
