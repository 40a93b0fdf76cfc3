<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * Text files in UTF-16, told by the byte order mark with which they begin.
 */
final class Utf16
{
    private const MARKS = ["\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];

    /** Which of the two it is; null for a text that is not in UTF-16. */
    public static function encodingOf(string $begin): ?string
    {
        return self::MARKS[substr($begin, 0, 2)] ?? null;
    }

    /** The beginning of a file in UTF-8, if it is in UTF-16; otherwise as it is. */
    public static function inUtf8(string $begin): string
    {
        $encoding = self::encodingOf($begin);

        return null === $encoding ? $begin : (string) mb_convert_encoding($begin, 'UTF-8', $encoding);
    }

    /**
     * Has everything that is read from a stream, from its beginning on, given in UTF-8.
     *
     * @param resource $stream
     */
    public static function unwrap($stream): void
    {
        $encoding = self::encodingOf((string) fread($stream, 2));
        rewind($stream);
        if (null !== $encoding) {
            stream_filter_append($stream, "convert.iconv.{$encoding}/UTF-8", \STREAM_FILTER_READ);
        }
    }
}
