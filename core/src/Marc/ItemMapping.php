<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Which field of a record describes an item, and which subfield says what about it.
 *
 * The standard's own is 852 with its companion 876, joined by the barcode in $p of both; what the standard has no place for stands in
 * a companion of the house, 976. A local field carries everything itself. A call number may be spread over several codes: they are joined with blanks, in the order given.
 *
 * @see MARC 21 Format for Holdings Data, 852 (location) and 876 (item information, basic bibliographic unit)
 */
final readonly class ItemMapping
{
    /**
     * @param array<string, string>                   $main       property (a value of ItemProperty) to subfield codes, in the field itself
     * @param array<array-key, array<string, string>> $companions the same for fields that go with it, by tag
     */
    private function __construct(
        public string $tag,
        public array $main,
        public array $companions,
    ) {
    }

    public static function holdings(): self
    {
        return new self(
            '852',
            ['branch' => 'b', 'location' => 'c', 'prefix' => 'k', 'callNumber' => 'hi', 'suffix' => 'm', 'barcode' => 'p', 'copy' => 't'],
            [
                '876' => ['barcode' => 'p', 'price' => 'c', 'acquired' => 'd', 'lendingClass' => 'h', 'staffNote' => 'x', 'publicNote' => 'z', 'volume' => '3', 'vendor' => 'e'],
                '976' => ['barcode' => 'p', 'material' => 'm', 'fund' => 'f', 'pieces' => 'n', 'piecesNote' => 'q', 'serialNumber' => 's', 'checkInMessage' => 'i', 'checkOutMessage' => 'o'],
            ],
        );
    }

    /**
     * From the written form `952:barcode=p,branch=a,callNumber=o`.
     *
     * @throws \InvalidArgumentException with a sentence that says what to write
     */
    public static function parse(string $written): self
    {
        if ('852' === $written) {
            return self::holdings();
        }
        if (1 !== preg_match('/^([0-9A-Za-z]{3}):(.+)$/D', $written, $parts) || ControlField::isTag($parts[1])) {
            throw new \InvalidArgumentException(\sprintf('"%s" is no mapping. Write the tag, a colon, and pairs: 952:barcode=p,branch=a,callNumber=o.', $written));
        }
        $main = [];
        foreach (explode(',', $parts[2]) as $pair) {
            [$name, $codes] = explode('=', trim($pair), 2) + [1 => ''];
            $property = ItemProperty::tryFrom($name);
            if (null === $property || 1 !== preg_match('/^[0-9a-z]+$/D', $codes)) {
                throw new \InvalidArgumentException(\sprintf('"%s" in the mapping is not understood. Properties: %s; give each its subfield code, as in branch=a.', $pair, implode(', ', array_column(ItemProperty::cases(), 'value'))));
            }
            $main[$property->value] = $codes;
        }
        if (!isset($main['barcode'])) {
            throw new \InvalidArgumentException('The mapping does not say where the barcode stands. Add barcode= and its subfield code.');
        }

        return new self($parts[1], $main, []);
    }

    /**
     * Which subfields of a field say what; nothing where the field describes no item.
     *
     * @return array<string, string> property to subfield codes
     */
    public function codesOf(string $tag): array
    {
        return $tag === $this->tag ? $this->main : $this->companions[$tag] ?? [];
    }

    /** The written form, which {@see parse()} reads. */
    public function written(): string
    {
        if ([] !== $this->companions) {
            return $this->tag;
        }

        return $this->tag.':'.implode(',', array_map(static fn (string $name, string $codes): string => $name.'='.$codes, array_keys($this->main), $this->main));
    }
}
