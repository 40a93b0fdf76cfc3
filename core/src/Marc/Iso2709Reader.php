<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

use TinLantern\Core\Marc\Marc8\Marc8Decoder;

/**
 * Reads records in the exchange form of ISO 2709 / ANSI Z39.2 as MARC 21 uses it, in UTF-8 or in MARC-8 as leader 09 says, checked
 * against the bytes. What was in MARC-8 is given as UTF-8, with leader 09 saying so. Lengths count bytes; where all of them count
 * characters instead, as some programs write UTF-8, the record is read so and remarked on.
 *
 * Works on a stream of chunks of any size and holds one record at a time. Whatever is wrong with a record is said once, as
 * a {@see MalformedRecord}; the next record is found by the record terminator, by the declared length, or by the look of a leader.
 */
final class Iso2709Reader
{
    private const RECORD_TERMINATOR = "\x1D";
    private const LONGEST_RECORD = 99_999;
    private const BETWEEN_RECORDS = " \t\r\n\0\x1A\u{FEFF}";
    private const LOOKS_LIKE_LEADER = '/\d{5}[acdnp ].{3}[ a]22\d{5}.{3}45[0-9 ]{2}(?=[0-9A-Za-z]{3}\d{9})/s';

    private string $buffer = '';
    private int $position = 0;
    private int $number = 0;
    /** @var list<string> what was odd about the characters of the record given last, as sentences */
    public array $remarks = [];

    /**
     * @param iterable<string> $chunks bytes of the file, in order
     *
     * @return \Generator<int, MarcRecord|MalformedRecord>
     */
    public function read(iterable $chunks): \Generator
    {
        $this->buffer = '';
        $this->position = $this->number = 0;
        foreach ($chunks as $chunk) {
            $this->buffer .= $chunk;
            yield from $this->wholeRecords();
        }
        yield from $this->wholeRecords();
        $this->drop($this->strayBytes());
        if ('' !== $this->buffer) {
            yield $this->malformed(\sprintf(
                'the file ends in the middle of it: %d bytes and no record terminator. Ask for the file again.',
                \strlen($this->buffer),
            ));
        }
    }

    /** @return \Generator<int, MarcRecord|MalformedRecord> */
    private function wholeRecords(): \Generator
    {
        $from = 0;
        while (false !== $end = strpos($this->buffer, self::RECORD_TERMINATOR, $from)) {
            $stray = strspn($this->buffer, self::BETWEEN_RECORDS, $from);
            $from += $stray;
            $bytes = substr($this->buffer, $from, $end + 1 - $from);
            $bytes = substr($bytes, 0, $this->lengthOfFirst($bytes));
            $this->position += $stray;
            ++$this->number;
            yield $this->one($bytes);
            $from += \strlen($bytes);
            $this->position += \strlen($bytes);
        }
        $this->buffer = substr($this->buffer, $from);
        if (\strlen($this->buffer) > 2 * self::LONGEST_RECORD) {
            yield $this->malformed(\sprintf('no record terminator within %d bytes; they were passed over.', \strlen($this->buffer)));
            $this->drop(\strlen($this->buffer));
        }
    }

    /**
     * How many of these bytes, which end with the only record terminator in them, belong to the first record? All of
     * them, unless its terminator is missing and the next record follows.
     */
    private function lengthOfFirst(string $bytes): int
    {
        $length = \strlen($bytes);
        if ($length === (int) substr($bytes, 0, 5)) {
            return $length;
        }
        if (1 === preg_match(self::LOOKS_LIKE_LEADER, $bytes, $found, \PREG_OFFSET_CAPTURE, 1)) {
            return $found[0][1];
        }

        return $length;
    }

    private function one(string $bytes): MarcRecord|MalformedRecord
    {
        try {
            return $this->decode($bytes);
        } catch (Unreadable $unreadable) {
            return new MalformedRecord($this->number, $this->position, $unreadable->getMessage(), $bytes);
        }
    }

    /**
     * The bytes of exactly one record.
     *
     * @throws Unreadable
     */
    public function decode(string $bytes): MarcRecord
    {
        $this->remarks = [];
        $countsCharacters = self::countsCharacters($bytes);
        if ($countsCharacters) {
            $this->remarks[] = 'its lengths count characters instead of bytes; it was read so.';
        }
        $base = self::checkedBaseAddress($bytes, $countsCharacters);
        $leader = substr($bytes, 0, MarcRecord::LEADER_LENGTH);
        $marc8 = $this->isMarc8($bytes, $leader[9]) ? new Marc8Decoder() : null;
        $fields = [];
        for ($entry = MarcRecord::LEADER_LENGTH; $entry < $base - 1; $entry += 12) {
            $tag = substr($bytes, $entry, 3);
            $where = substr($bytes, $entry + 3, 9);
            if (!ctype_digit($where)) {
                throw new Unreadable(\sprintf('the directory entry for field %s has something other than digits in its length or start.', self::shown($tag)));
            }
            $length = (int) substr($where, 0, 4);
            $start = $base + (int) substr($where, 4);
            $data = $countsCharacters ? mb_substr($bytes, $start, $length, 'UTF-8') : substr($bytes, $start, $length);
            if (($countsCharacters ? mb_strlen($data, 'UTF-8') : \strlen($data)) !== $length || !str_ends_with($data, "\x1E") || strpos($data, "\x1E") !== \strlen($data) - 1) {
                throw new Unreadable(\sprintf('field %s does not stand where the directory says.', self::shown($tag)));
            }
            $fields[] = self::field($tag, substr($data, 0, -1), null === $marc8 ? null : fn (string $text): string => $this->fromMarc8($marc8, $tag, $text));
        }

        return new MarcRecord(null === $marc8 ? $leader : substr_replace($leader, 'a', 9, 1), $fields);
    }

    /** Is the length that the leader gives that of the record in characters, which is another than that in bytes? */
    private static function countsCharacters(string $bytes): bool
    {
        $declared = (int) substr($bytes, 0, 5);

        return $declared < \strlen($bytes) && mb_check_encoding($bytes, 'UTF-8') && $declared === mb_strlen($bytes, 'UTF-8');
    }

    private static function checkedBaseAddress(string $bytes, bool $countsCharacters): int
    {
        $actual = \strlen($bytes);
        if ($actual < MarcRecord::LEADER_LENGTH + 2) {
            throw new Unreadable(\sprintf('it has only %d bytes, too few for a leader and a directory.', $actual));
        }
        $declared = substr($bytes, 0, 5);
        if (!ctype_digit($declared)) {
            throw new Unreadable(\sprintf('the leader begins with "%s" instead of a length of five digits.', self::shown($declared)));
        }
        if (self::RECORD_TERMINATOR !== $bytes[$actual - 1]) {
            throw new Unreadable('its record terminator is missing.');
        }
        if ((int) $declared !== $actual && !$countsCharacters) {
            throw new Unreadable(\sprintf('the leader says %d bytes, but the record ends after %d.', (int) $declared, $actual));
        }
        $base = substr($bytes, 12, 5);
        if (!ctype_digit($base) || (int) $base > $actual - 1 || (int) $base <= MarcRecord::LEADER_LENGTH) {
            throw new Unreadable(\sprintf('the leader gives "%s" as the place where the fields begin.', self::shown($base)));
        }
        if ("\x1E" !== $bytes[(int) $base - 1] || 0 !== ((int) $base - MarcRecord::LEADER_LENGTH - 1) % 12) {
            throw new Unreadable('its directory is not a row of entries of twelve characters.');
        }

        return (int) $base;
    }

    /** Whether the record is in MARC-8, which is told by leader 09 and by bytes that cannot be UTF-8. */
    private function isMarc8(string $bytes, string $scheme): bool
    {
        if (1 === preg_match('//u', $bytes)) {
            if ('a' !== $scheme && 1 === preg_match('/[\x80-\xFF]/', $bytes)) {
                $this->remarks[] = 'leader position 9 does not say that the record is in UTF-8, but its bytes are; it was read as UTF-8.';
            }

            return 'a' !== $scheme && str_contains($bytes, "\x1B");
        }
        if ('a' === $scheme) {
            throw new Unreadable(\sprintf('it claims to be UTF-8, but byte %d of the record is not.', \strlen(mb_strcut($bytes, 0, self::validUtf8Length($bytes), 'UTF-8'))));
        }

        return true;
    }

    private function fromMarc8(Marc8Decoder $decoder, string $tag, string $text): string
    {
        $decoded = $decoder->decode($text);
        foreach ($decoder->unknown as $unknown) {
            $this->remarks[] = \sprintf('field %s has a code without a character: %s. It was kept as U+FFFD with its bytes.', $tag, $unknown);
        }

        return $decoded;
    }

    private static function validUtf8Length(string $bytes): int
    {
        preg_match('/^(?:[\x00-\x7F]|[\xC2-\xDF][\x80-\xBF]|[\xE0-\xEF][\x80-\xBF]{2}|[\xF0-\xF4][\x80-\xBF]{3})*+/', $bytes, $found);

        return \strlen($found[0] ?? '');
    }

    /** @param (\Closure(string): string)|null $decode */
    private static function field(string $tag, string $data, ?\Closure $decode): ControlField|DataField
    {
        if (1 !== preg_match('/^[0-9A-Za-z]{3}$/D', $tag)) {
            throw new Unreadable(\sprintf('"%s" is no tag.', self::shown($tag)));
        }
        if (ControlField::isTag($tag)) {
            if (str_contains($data, "\x1F")) {
                throw new Unreadable(\sprintf('the control field %s contains a subfield delimiter.', $tag));
            }

            return new ControlField($tag, null === $decode ? $data : $decode($data));
        }
        $parts = explode("\x1F", $data);
        if (2 !== \strlen($parts[0])) {
            throw new Unreadable(\sprintf('field %s has "%s" where its two indicators should be.', $tag, self::shown($parts[0])));
        }
        $subfields = [];
        foreach (\array_slice($parts, 1) as $part) {
            if ('' === $part) {
                throw new Unreadable(\sprintf('field %s has a subfield without a code.', $tag));
            }
            $code = \ord($part[0]) < 0x80 ? $part[0] : mb_substr($part, 0, 1, 'UTF-8');
            $text = substr($part, \strlen($code));
            $subfields[] = new Subfield($code, null === $decode ? $text : $decode($text));
        }

        return new DataField($tag, $parts[0][0], $parts[0][1], $subfields);
    }

    private static function shown(string $bytes): string
    {
        return preg_replace('/[^\x20-\x7E]/', '?', substr($bytes, 0, 12)) ?? '';
    }

    private function strayBytes(): int
    {
        return strspn($this->buffer, self::BETWEEN_RECORDS);
    }

    private function drop(int $bytes): void
    {
        $this->buffer = substr($this->buffer, $bytes);
        $this->position += $bytes;
    }

    private function malformed(string $problem): MalformedRecord
    {
        return new MalformedRecord(++$this->number, $this->position, $problem, $this->buffer);
    }
}
