<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Text as it stands in XML.
 */
final class XmlText
{
    private const FORBIDDEN = '/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u';

    /** @throws NotExpressible when the text holds characters that XML does not allow */
    public static function of(string $text): string
    {
        if (1 === preg_match(self::FORBIDDEN, $text, $found)) {
            throw new NotExpressible(\sprintf('The character U+%04X is not allowed in XML. Export this record as ISO 2709, or remove the character.', mb_ord($found[0])));
        }

        return str_replace("\r", '&#13;', htmlspecialchars($text, \ENT_XML1 | \ENT_QUOTES));
    }

    /** Bytes that somebody has sent, said back to them: what is no text, or not allowed, becomes the sign for that (U+FFFD). */
    public static function saidBack(string $bytes): string
    {
        return self::of(preg_replace(self::FORBIDDEN, "\u{FFFD}", mb_scrub($bytes, 'UTF-8')) ?? '');
    }
}
