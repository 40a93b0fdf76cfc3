<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Reads records from JSON as a stream: an array of objects, objects one behind the other (one a line), or either wrapped in another
 * object. Each has `leader` and `fields`, as {@see JsonWriter} writes them.
 *
 * The stream is cut at the outermost objects that hold a leader and each is parsed alone, so that a faulty one harms no other.
 */
final class JsonReader
{
    private const LONGEST_RECORD = 16_000_000;

    private string $buffer = '';
    /** Where the search for the end of an object goes on. */
    private int $at = 0;
    private int $depth = 0;
    private int $dropped = 0;
    private int $number = 0;

    /**
     * @param iterable<string> $chunks bytes of the file, in order
     *
     * @return \Generator<int, MarcRecord|MalformedRecord>
     */
    public function read(iterable $chunks): \Generator
    {
        $this->begin();
        foreach ($chunks as $chunk) {
            $this->buffer .= $chunk;
            yield from $this->wholeObjects();
            if (\strlen($this->buffer) > self::LONGEST_RECORD) {
                yield $this->malformed(\sprintf('it does not end within %d bytes; they were passed over.', self::LONGEST_RECORD));
                $this->drop(\strlen($this->buffer));
                $this->depth = 0;
            }
        }
        if ($this->depth > 0 && str_contains($this->buffer, '"leader"')) {
            yield $this->malformed('the file ends in the middle of it. Ask for the file again.');
        }
    }

    private function begin(): void
    {
        $this->buffer = '';
        $this->at = $this->depth = $this->dropped = $this->number = 0;
    }

    /**
     * @return \Generator<int, MarcRecord|MalformedRecord>
     *
     * @phpstan-impure
     */
    private function wholeObjects(): \Generator
    {
        while (true) {
            $this->at += strcspn($this->buffer, '{}"', $this->at);
            if ($this->at >= \strlen($this->buffer)) {
                return;
            }
            if ('"' === $this->buffer[$this->at]) {
                $behind = $this->behindText($this->at);
                if (null === $behind) {
                    return;
                }
                $this->at = $behind;
                continue;
            }
            if ('{' === $this->buffer[$this->at++]) {
                if (0 === $this->depth++) {
                    $this->drop($this->at - 1);
                    $this->at = 1;
                } elseif (1 === preg_match('/\A\{\s*"[^"]*"\s*:\s*\[\s*\{\z/', substr($this->buffer, 0, $this->at))) {
                    // A list in a wrapper: its objects are the outermost ones that count.
                    $this->drop($this->at - 1);
                    $this->at = $this->depth = 1;
                }
                continue;
            }
            if (0 === $this->depth) {
                $this->drop($this->at);
            } elseif (0 === --$this->depth) {
                yield from $this->one(substr($this->buffer, 0, $this->at));
                $this->drop($this->at);
            }
        }
    }

    /** Where the text that begins at a quotation mark has ended; null when its end is not there yet. */
    private function behindText(int $from): ?int
    {
        for ($at = $from + 1;; $at += 2) {
            $at += strcspn($this->buffer, '"\\', $at);
            if ($at >= \strlen($this->buffer)) {
                return null;
            }
            if ('"' === $this->buffer[$at]) {
                return $at + 1;
            }
        }
    }

    /** @return iterable<int, MarcRecord|MalformedRecord> */
    private function one(string $json): iterable
    {
        $object = json_decode($json, true, 16);
        if (!\is_array($object)) {
            yield new MalformedRecord(++$this->number, $this->dropped, \sprintf('it is not valid JSON (%s).', json_last_error_msg()), $json);
        } elseif (isset($object['leader']) || isset($object['fields'])) {
            ++$this->number;
            try {
                yield self::record($object);
            } catch (Unreadable $unreadable) {
                yield new MalformedRecord($this->number, $this->dropped, $unreadable->getMessage(), $json);
            }
        }
    }

    /** @param array<mixed> $object */
    private static function record(array $object): MarcRecord
    {
        $leader = $object['leader'] ?? null;
        if (!\is_string($leader) || MarcRecord::LEADER_LENGTH !== \strlen($leader)) {
            throw new Unreadable('its leader is not a text of 24 characters.');
        }
        $fields = [];
        $listed = $object['fields'] ?? null;
        foreach (\is_array($listed) ? $listed : throw new Unreadable('it has no list of fields.') as $field) {
            if (!\is_array($field) || 1 !== \count($field)) {
                throw new Unreadable('one of its fields is not an object with the tag as its only name.');
            }
            $fields[] = self::field((string) array_key_first($field), reset($field));
        }

        return new MarcRecord($leader, $fields);
    }

    private static function field(string $tag, mixed $content): ControlField|DataField
    {
        if (1 !== preg_match('/^[0-9A-Za-z]{3}$/D', $tag)) {
            throw new Unreadable(\sprintf('"%s" is no tag.', $tag));
        }
        if (\is_string($content)) {
            return ControlField::isTag($tag) ? new ControlField($tag, $content) : throw new Unreadable(\sprintf('field %s is a text; only 001 to 009 are.', $tag));
        }
        if (!\is_array($content) || ControlField::isTag($tag)) {
            throw new Unreadable(\sprintf('field %s is neither a text nor an object as its tag asks for.', $tag));
        }
        $subfields = [];
        $listed = $content['subfields'] ?? null;
        foreach (\is_array($listed) ? $listed : [] as $subfield) {
            $subfield = \is_array($subfield) ? $subfield : [];
            $code = (string) array_key_first($subfield);
            $value = reset($subfield);
            if (!\is_string($value) || 1 !== mb_strlen($code)) {
                throw new Unreadable(\sprintf('field %s has a subfield that is not an object of a code and its text.', $tag));
            }
            $subfields[] = new Subfield($code, $value);
        }

        return new DataField($tag, self::indicator($content, 'ind1', $tag), self::indicator($content, 'ind2', $tag), $subfields);
    }

    /** @param array<mixed> $content */
    private static function indicator(array $content, string $name, string $tag): string
    {
        $value = $content[$name] ?? ' ';

        return \is_string($value) && 1 === \strlen($value) ? $value : throw new Unreadable(\sprintf('field %s has no single character as %s.', $tag, $name));
    }

    private function drop(int $bytes): void
    {
        $this->buffer = substr($this->buffer, $bytes);
        $this->dropped += $bytes;
        $this->at = 0;
    }

    private function malformed(string $problem): MalformedRecord
    {
        return new MalformedRecord(++$this->number, $this->dropped, $problem, $this->buffer);
    }
}
