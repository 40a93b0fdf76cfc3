<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Reads MARCXML (a collection, a single record, or records wrapped in something else) as a stream.
 *
 * The stream is cut at the record elements and each is parsed alone, so that one that is not well-formed harms no other.
 * A document type declaration is never looked at, so entities cannot be smuggled in.
 *
 * @see the MARC 21 XML schema, namespace http://www.loc.gov/MARC21/slim
 */
final class MarcXmlReader
{
    private const START = '/<(?:[A-Za-z_][\w.-]*:)?record(?=[\s>\/])/';
    private const END = '/<\/(?:[A-Za-z_][\w.-]*:)?record\s*>/';
    /** In UTF-16 no tag would have been found: whoever gave us these bytes has made UTF-8 of them. */
    private const BYTES_OF_THEIR_OWN = '/^(?:UTF-?8|UTF-?16|UCS-?2|ISO-10646-UCS-2)/i';
    private const LONGEST_RECORD = 16_000_000;

    private string $buffer = '';
    private int $position = 0;
    private int $number = 0;
    private ?string $prolog = null;

    /**
     * @param iterable<string> $chunks bytes of the file, in order
     *
     * @return \Generator<int, MarcRecord|MalformedRecord>
     */
    public function read(iterable $chunks): \Generator
    {
        $this->buffer = '';
        $this->prolog = null;
        $this->position = $this->number = 0;
        foreach ($chunks as $chunk) {
            $this->buffer .= $chunk;
            yield from $this->wholeRecords();
            if (\strlen($this->buffer) > self::LONGEST_RECORD) {
                yield $this->malformed(\sprintf('it does not end within %d bytes; they were passed over.', self::LONGEST_RECORD));
                $this->drop(\strlen($this->buffer));
            }
        }
        if (1 === preg_match(self::START, $this->buffer, $start, \PREG_OFFSET_CAPTURE)) {
            $this->drop($start[0][1]);
            yield $this->malformed('the file ends in the middle of it. Ask for the file again.');
        }
    }

    /** @return \Generator<int, MarcRecord|MalformedRecord> */
    private function wholeRecords(): \Generator
    {
        while (1 === preg_match(self::END, $this->buffer, $end, \PREG_OFFSET_CAPTURE)) {
            $until = $end[0][1] + \strlen($end[0][0]);
            $slice = substr($this->buffer, 0, $until);
            preg_match_all(self::START, $slice, $starts, \PREG_OFFSET_CAPTURE);
            $offsets = array_column($starts[0], 1);
            if ([] !== $offsets) {
                $this->prolog ??= substr($slice, 0, $offsets[0]);
                yield from $this->slice($slice, $offsets);
            }
            $this->drop($until);
        }
    }

    /**
     * The last start in the slice belongs to its end. An earlier one is a wrapper, or a record whose end is missing.
     *
     * @param non-empty-list<int> $offsets
     *
     * @return \Generator<int, MarcRecord|MalformedRecord>
     */
    private function slice(string $slice, array $offsets): \Generator
    {
        $last = array_pop($offsets);
        foreach ($offsets as $index => $offset) {
            $text = substr($slice, $offset, ($offsets[$index + 1] ?? $last) - $offset);
            if (1 === preg_match('/<(?:[\w.-]+:)?(?:leader|controlfield|datafield)[\s>]/', $text)) {
                yield new MalformedRecord(++$this->number, $this->position + $offset, 'its end tag is missing.', $text);
            }
        }
        ++$this->number;
        try {
            yield $this->parse(substr($slice, $last), substr($slice, 0, $last));
        } catch (Unreadable $unreadable) {
            yield new MalformedRecord($this->number, $this->position + $last, $unreadable->getMessage(), substr($slice, $last));
        }
    }

    /** @param string $around what stands between the record before and this one: it may declare a prefix */
    private function parse(string $element, string $around): MarcRecord
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        try {
            $loaded = $document->loadXML($this->wrapped($element, $around), \LIBXML_NONET | \LIBXML_COMPACT | \LIBXML_PARSEHUGE);
            $error = libxml_get_errors()[0] ?? null;
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
        $record = $document->documentElement?->firstElementChild;
        if (!$loaded || null === $record) {
            throw new Unreadable(\sprintf('it is not well-formed XML (%s).', trim($error->message ?? 'no element')));
        }

        return $this->record($record);
    }

    /** The element within a root that declares the namespace prefixes of the file, in UTF-8. */
    private function wrapped(string $element, string $around): string
    {
        $prolog = $this->prolog ?? '';
        if (1 === preg_match('/<\?xml[^>]*encoding\s*=\s*["\']([\w.:-]+)["\']/', $prolog, $encoding) && 1 !== preg_match(self::BYTES_OF_THEIR_OWN, $encoding[1])) {
            $converted = @iconv($encoding[1], 'UTF-8', $element);
            $element = false === $converted ? throw new Unreadable(\sprintf('it is not in %s, as the file claims.', $encoding[1])) : $converted;
        }
        preg_match_all('/\s(xmlns:[\w.-]+)\s*=\s*(?:"[^"<]*"|\'[^\'<]*\')/', $prolog.$around, $declarations);

        // The nearest declaration of a prefix is the one that counts.
        return '<?xml version="1.0" encoding="UTF-8"?><records'.implode('', array_combine($declarations[1], $declarations[0])).'>'.$element.'</records>';
    }

    private function record(\DOMElement $element): MarcRecord
    {
        $leader = null;
        $fields = [];
        foreach ($element->childNodes as $child) {
            if (!$child instanceof \DOMElement) {
                continue;
            }
            match ($child->localName) {
                'leader' => $leader = $child->textContent,
                'controlfield' => $fields[] = new ControlField($this->tag($child), $child->textContent),
                'datafield' => $fields[] = $this->dataField($child),
                default => throw new Unreadable(\sprintf('it has an element <%s>, which MARCXML does not know.', (string) $child->localName)),
            };
        }
        if (null === $leader) {
            throw new Unreadable('it has no leader.');
        }
        if (MarcRecord::LEADER_LENGTH !== \strlen($leader)) {
            throw new Unreadable(\sprintf('its leader has %d characters instead of 24.', \strlen($leader)));
        }

        return new MarcRecord($leader, $fields);
    }

    private function dataField(\DOMElement $element): DataField
    {
        $tag = $this->tag($element);
        if (ControlField::isTag($tag)) {
            throw new Unreadable(\sprintf('field %s has subfields, but is a control field.', $tag));
        }
        $subfields = [];
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                $code = $child->getAttribute('code');
                if ('subfield' !== $child->localName || 1 !== mb_strlen($code)) {
                    throw new Unreadable(\sprintf('field %s has a subfield without a code of one character.', $tag));
                }
                $subfields[] = new Subfield($code, $child->textContent);
            }
        }

        return new DataField($tag, $this->indicator($element, 'ind1'), $this->indicator($element, 'ind2'), $subfields);
    }

    private function tag(\DOMElement $element): string
    {
        $tag = $element->getAttribute('tag');
        if (1 !== preg_match('/^[0-9A-Za-z]{3}$/D', $tag)) {
            throw new Unreadable(\sprintf('"%s" is no tag.', $tag));
        }
        if ('controlfield' === $element->localName && !ControlField::isTag($tag)) {
            throw new Unreadable(\sprintf('field %s is written as a control field; only 001 to 009 are.', $tag));
        }

        return $tag;
    }

    private function indicator(\DOMElement $element, string $name): string
    {
        $value = $element->getAttribute($name);
        if (\strlen($value) > 1) {
            throw new Unreadable(\sprintf('field %s has "%s" as an indicator.', $element->getAttribute('tag'), $value));
        }

        return '' === $value ? ' ' : $value;
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
