<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * Tells what a file is by how it begins, or by what is in it when it is a zip archive.
 */
final class FileKind
{
    private const LOOKED_AT = 4096;
    private const OTHERS = [
        "\x1F\x8B" => 'a gzip archive',
        '%PDF' => 'a PDF document',
        '{\rtf' => 'a word processor document (RTF)',
        "\xD0\xCF\x11\xE0" => 'an old office document',
        "\x89PNG" => 'a picture',
        "\xFF\xD8\xFF" => 'a picture',
    ];

    /** Texts that are no records, by how they begin. */
    private const OTHER_TEXTS = [
        '/^(?:<\?[^>]*>\s*|<!--.*?-->\s*)*<(?:!doctype html|html)/is' => 'a web page',
        '/^TY  - /' => 'a list of references (RIS)',
        '/^@\w+\s*\{/' => 'a list of references (BibTeX)',
        '/^UN[AB][^a-z]/' => 'an EDIFACT message',
    ];

    /** What to do with some of them. */
    private const ADVICE = [
        'a gzip archive' => ' Unpack it first.',
        'a zip archive' => ' Unpack it first.',
        'an old office document' => ' Save it as XLSX, ODS or CSV.',
    ];

    /** @throws NotARecordFile with a sentence that says what the file is instead */
    public static function of(string $path, string $name): FileFormat
    {
        if (!is_file($path) || !is_readable($path)) {
            throw new NotARecordFile(\sprintf('There is no readable file %s. Check the name and your rights.', $path));
        }
        $begin = Utf16::inUtf8((string) file_get_contents($path, false, null, 0, self::LOOKED_AT));
        foreach (self::OTHERS as $signature => $what) {
            if (str_starts_with($begin, $signature)) {
                throw self::isInstead($name, $what);
            }
        }
        $text = ltrim($begin, "\u{FEFF} \t\r\n\0");
        foreach (self::OTHER_TEXTS as $pattern => $what) {
            if (1 === preg_match($pattern, $text)) {
                throw self::isInstead($name, $what);
            }
        }

        return match (true) {
            str_starts_with($begin, "PK\x03\x04") => self::ofZip($path, $name),
            '' === $text => throw new NotARecordFile(\sprintf('%s is empty.', $name)),
            '<' === $text[0] => FileFormat::MarcXml,
            1 === preg_match('/^\d{5}/', $text), str_contains($begin, "\x1E") => FileFormat::Marc,
            1 === preg_match('/^(?:\[\s*)?\{\s*"/', $text), 1 === preg_match('/^\[\s*\]/', $text) => FileFormat::Json,
            self::looksLikeRows($text) => FileFormat::Csv,
            1 === preg_match('/^[^\r\n]*[,;\t][^\r\n]*\R?$/D', $text) => throw new NotARecordFile(\sprintf('%s has headings and no row below them.', $name)),
            default => throw new NotARecordFile(\sprintf('%s begins neither like ISO 2709 (five digits), MARCXML (<) or JSON ({), nor like a list with columns.', $name)),
        };
    }

    private static function ofZip(string $path, string $name): FileFormat
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path, \ZipArchive::RDONLY)) {
            throw self::isInstead($name, 'a zip archive that cannot be opened');
        }
        $type = (string) $zip->getFromName('mimetype');
        $has = static fn (string $entry): bool => false !== $zip->locateName($entry);

        return match (true) {
            $has('xl/workbook.xml'), $has('xl/worksheets/sheet1.xml') => FileFormat::Xlsx,
            str_contains($type, 'opendocument.spreadsheet') => FileFormat::Ods,
            $has('word/document.xml'), str_contains($type, 'opendocument.text') => throw self::isInstead($name, 'a word processor document'),
            default => throw self::isInstead($name, 'a zip archive'),
        };
    }

    /** Two columns at least, in the heading as in the row below it. */
    private static function looksLikeRows(string $text): bool
    {
        $lines = preg_split('/\R/', $text, 3);
        if (false === $lines || \count($lines) < 2) {
            return false;
        }
        foreach ([',', ';', "\t"] as $separator) {
            if (str_contains($lines[0], $separator) && str_contains($lines[1], $separator)) {
                return true;
            }
        }

        return false;
    }

    private static function isInstead(string $name, string $what): NotARecordFile
    {
        return new NotARecordFile(\sprintf('%s is %s, not a file of records.%s', $name, $what, self::ADVICE[$what] ?? ''));
    }
}
