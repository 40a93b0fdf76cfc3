<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * A record as lines of text, one a field: the form in which records are stored, shown and edited.
 *
 *     LDR 00714cam a2200205 a 4500
 *     001 vi0000123
 *     245 10 $aTides of Skellin :$ba pilot's book
 *
 * A blank indicator is `#`. In texts `\$` is a dollar sign, `\\` a backslash, `\xHH` any other byte that would break a line
 * or stand for something else here. Writing and parsing are each other's inverse for every record.
 */
final class LineText
{
    public static function write(MarcRecord $record): string
    {
        $lines = 'LDR '.self::escaped($record->leader, '');
        foreach ($record->fields as $field) {
            $lines .= "\n".self::writeField($field);
        }

        return $lines;
    }

    public static function writeField(ControlField|DataField $field): string
    {
        if ($field instanceof ControlField) {
            return $field->tag.' '.self::escaped($field->value, '');
        }
        $line = $field->tag.' '.self::indicator($field->indicator1).self::indicator($field->indicator2).' ';
        foreach ($field->subfields as $subfield) {
            $line .= '$'.self::escaped($subfield->code, '$').self::escaped($subfield->value, '$');
        }

        return $line;
    }

    /** @throws Unreadable with a sentence that names the line */
    public static function parse(string $text): MarcRecord
    {
        $leader = null;
        $fields = [];
        foreach (explode("\n", $text) as $index => $line) {
            if ('' === trim($line)) {
                continue;
            }
            if (null === $leader) {
                $leader = str_starts_with($line, 'LDR ') ? self::unescaped(substr($line, 4)) : '';
                if (MarcRecord::LEADER_LENGTH !== \strlen($leader)) {
                    throw new Unreadable('Line 1: begin with LDR, a blank and the 24 characters of the leader.');
                }
                continue;
            }
            $fields[] = self::parseField($line, $index + 1);
        }

        return new MarcRecord($leader ?? throw new Unreadable('There is no leader: begin with LDR, a blank and its 24 characters.'), $fields);
    }

    public static function parseField(string $line, int $number = 1): ControlField|DataField
    {
        $tag = substr($line, 0, 3);
        if (1 !== preg_match('/^[0-9A-Za-z]{3} /', $line)) {
            throw new Unreadable(\sprintf('Line %d: begin with a tag of three characters and a blank.', $number));
        }
        if (ControlField::isTag($tag)) {
            return new ControlField($tag, self::unescaped(substr($line, 4)));
        }
        $character = '(?:\\\\x[0-9A-F]{2}|\\\\[\\\\$]|[^\\\\])';
        if (1 !== preg_match("/^({$character})({$character}) ?/", substr($line, 4), $indicators)) {
            throw new Unreadable(\sprintf('Line %d: give field %s two indicators, # for a blank one.', $number, $tag));
        }
        $rest = substr($line, 4 + \strlen($indicators[0]));
        if ('' !== $rest && !str_starts_with($rest, '$')) {
            throw new Unreadable(\sprintf('Line %d: begin the text of field %s with $ and a subfield code.', $number, $tag));
        }

        return new DataField($tag, self::parseIndicator($indicators[1]), self::parseIndicator($indicators[2]), self::subfields($rest, $number));
    }

    /** @return list<Subfield> */
    private static function subfields(string $text, int $number): array
    {
        $subfields = [];
        $parts = str_contains($text, '\\') ? preg_split('/(?<!\\\\)(?:\\\\\\\\)*\K\$/', $text) : explode('$', $text);
        foreach (\array_slice(false === $parts ? [] : $parts, 1) as $part) {
            $value = self::unescaped($part);
            if ('' === $value) {
                throw new Unreadable(\sprintf('Line %d: a $ without a subfield code behind it; write \$ for a dollar sign.', $number));
            }
            $code = \ord($value[0]) < 0x80 ? $value[0] : mb_substr($value, 0, 1, 'UTF-8');
            $subfields[] = new Subfield($code, substr($value, \strlen($code)));
        }

        return $subfields;
    }

    private static function indicator(string $indicator): string
    {
        return match ($indicator) {
            ' ' => '#',
            '#' => '\x23',
            default => self::escaped($indicator, '$'),
        };
    }

    private static function parseIndicator(string $written): string
    {
        return '#' === $written ? ' ' : self::unescaped($written);
    }

    private static function escaped(string $text, string $delimiter): string
    {
        if (\strlen($text) === strcspn($text, "\\$\n\r\0\x0B\x0C\x1B\x1C\x1D\x1E\x1F")) {
            return $text;
        }
        $text = str_replace('\\', '\\\\', $text);
        if ('' !== $delimiter) {
            $text = str_replace('$', '\\$', $text);
        }

        return preg_replace_callback('/[\x00-\x08\x0A-\x1F]/', static fn (array $found): string => \sprintf('\x%02X', \ord($found[0])), $text) ?? '';
    }

    private static function unescaped(string $text): string
    {
        if (!str_contains($text, '\\')) {
            return $text;
        }

        return preg_replace_callback(
            '/\\\\(?:x([0-9A-F]{2})|(.))/s',
            static fn (array $found): string => '' !== $found[1] ? \chr((int) hexdec($found[1])) : $found[2],
            $text,
        ) ?? '';
    }
}
