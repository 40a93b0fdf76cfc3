<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Marc8;

/**
 * Turns MARC-8 text into Unicode (UTF-8, NFC): ASCII and extended Latin (ANSEL) with marks before their letters, and the sets that
 * escape sequences reach: Greek, Cyrillic, Hebrew, Arabic, subscripts, superscripts, Greek symbols, East Asian (EACC).
 *
 * A code that has no character is kept visibly, as U+FFFD with its bytes in braces: `�{A7}`; {@see $unknown} tells which there were.
 *
 * @see MARC 21 Specifications for Record Structure, Character Sets, and Exchange Media: MARC-8 Encoding Environment
 */
final class Marc8Decoder
{
    private const ESCAPE = "\x1B";
    private const LATIN = 'B';
    private const EXTENDED_LATIN = 'E';
    private const EAST_ASIAN = '1';
    private const CONTROLS = [0x88 => "\u{98}", 0x89 => "\u{9C}", 0x8D => "\u{200D}", 0x8E => "\u{200C}"];
    /** The two halves of marks over two letters: the first is one mark over both in Unicode, the second then says nothing more. */
    private const SECOND_HALVES = [0x6C => 0x6B, 0x7B => 0x7A];

    /** @var array{characters: array<string, array<int, int>>, combining: array<string, array<int, true>>}|null */
    private static ?array $tables = null;

    /** @var list<string> codes without a character in the text decoded last, as in "A7 of extended Latin" */
    public array $unknown = [];

    private string $g0 = self::LATIN;
    private string $g1 = self::EXTENDED_LATIN;
    private string $marks = '';
    /** @var array<int, true> first halves whose second half is still to come */
    private array $openHalves = [];

    /** Decodes one text (a subfield, or a field without subfields): the sets at its beginning are always the default ones. */
    public function decode(string $bytes): string
    {
        $this->unknown = $this->openHalves = [];
        if (1 !== preg_match('/[\x80-\xFF\x1B]|&#x/', $bytes)) {
            return $bytes;
        }
        $this->g0 = self::LATIN;
        $this->g1 = self::EXTENDED_LATIN;
        $this->marks = $text = '';
        for ($at = 0, $length = \strlen($bytes); $at < $length;) {
            if (self::ESCAPE === $bytes[$at]) {
                $at += $this->designate(substr($bytes, $at, 6));
                continue;
            }
            [$characters, $taken] = $this->next($bytes, $at);
            $text .= $characters;
            $at += $taken;
        }
        // A mark without a letter behind it stands alone, not on the letter before it.
        $text .= '' === $this->marks ? '' : "\u{A0}".$this->marks;
        $composed = \Normalizer::normalize(self::references($text), \Normalizer::FORM_C);

        return \is_string($composed) ? $composed : $text;
    }

    /**
     * @return array{string, int} what comes out, and how many bytes went in
     *
     * @phpstan-impure
     */
    private function next(string $bytes, int $at): array
    {
        $byte = \ord($bytes[$at]);
        if ($byte <= 0x20 || 0x7F === $byte) {
            return [$this->withMarks($bytes[$at]), 1];
        }
        if ($byte < 0xA1 && $byte > 0x7F) {
            return isset(self::CONTROLS[$byte]) ? [self::CONTROLS[$byte], 1] : [$this->unknown(\sprintf('%02X', $byte), 'control'), 1];
        }
        $set = $byte < 0x80 ? $this->g0 : $this->g1;
        if (self::EAST_ASIAN === $set) {
            $code = substr($bytes, $at, 3);

            return [$this->character($set, \strlen($code) < 3 ? -1 : (\ord($code[0]) & 0x7F) << 16 | (\ord($code[1]) & 0x7F) << 8 | \ord($code[2]) & 0x7F, $code), \strlen($code)];
        }

        return [$this->character($set, $byte & 0x7F, $bytes[$at]), 1];
    }

    private function character(string $set, int $code, string $bytes): string
    {
        $tables = self::tables();
        $character = $tables['characters'][$set][$code] ?? null;
        if (null === $character) {
            return $this->withMarks($this->unknown(strtoupper(bin2hex($bytes)), self::name($set)));
        }
        if (!isset($tables['combining'][$set][$code])) {
            return $this->withMarks(mb_chr($character, 'UTF-8'));
        }
        if (self::EXTENDED_LATIN === $set && isset(self::SECOND_HALVES[$code], $this->openHalves[self::SECOND_HALVES[$code]])) {
            unset($this->openHalves[self::SECOND_HALVES[$code]]);

            return '';
        }
        if (self::EXTENDED_LATIN === $set && \in_array($code, self::SECOND_HALVES, true)) {
            $this->openHalves[$code] = true;
        }
        $this->marks .= mb_chr($character, 'UTF-8');

        return '';
    }

    /** In MARC-8 marks stand before their letter, in Unicode behind it. */
    private function withMarks(string $character): string
    {
        $marks = $this->marks;
        $this->marks = '';

        return $character.$marks;
    }

    private function unknown(string $hex, string $set): string
    {
        $this->unknown[] = $hex.' of '.$set;

        return "\u{FFFD}{".$hex.'}';
    }

    /** @return int how many bytes the escape sequence has */
    private function designate(string $sequence): int
    {
        if (1 === preg_match('/^\x1B([bgps])/', $sequence, $found)) {
            $this->g0 = 's' === $found[1] ? self::LATIN : $found[1];

            return 2;
        }
        if (1 === preg_match('/^\x1B(?:\$?([(,)-])|(\$))(?:!)?([1-4BENQS])/', $sequence, $found)) {
            if (\in_array($found[1], [')', '-'], true)) {
                $this->g1 = $found[3];
            } else {
                $this->g0 = $found[3];
            }

            return \strlen($found[0]);
        }
        $this->unknown[] = 'an escape sequence that MARC-8 does not know';

        return 1;
    }

    /** Characters that MARC-8 does not have may be written as numeric references. */
    private static function references(string $text): string
    {
        return preg_replace_callback('/&#x([0-9A-Fa-f]{4,6});/', static fn (array $found): string => (string) mb_chr((int) hexdec($found[1]), 'UTF-8'), $text) ?? $text;
    }

    private static function name(string $set): string
    {
        return match ($set) {
            'B' => 'basic Latin',
            'E' => 'extended Latin',
            'N', 'Q' => 'Cyrillic',
            'S' => 'Greek',
            '2' => 'Hebrew',
            '3', '4' => 'Arabic',
            '1' => 'East Asian',
            'b' => 'subscripts',
            'p' => 'superscripts',
            default => 'Greek symbols',
        };
    }

    /** @return array{characters: array<string, array<int, int>>, combining: array<string, array<int, true>>} */
    private static function tables(): array
    {
        if (null === self::$tables) {
            /** @var array{characters: array<string, array<int, int>>, combining: array<string, array<int, true>>} $tables */
            $tables = require \dirname(__DIR__, 3).'/data/marc8.php';
            self::$tables = $tables;
        }

        return self::$tables;
    }
}
