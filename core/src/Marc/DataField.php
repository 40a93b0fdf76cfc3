<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * A variable data field: tag, two one-character indicators (a blank is a space), and subfields in their order.
 */
final readonly class DataField
{
    /** @param list<Subfield> $subfields */
    public function __construct(
        public string $tag,
        public string $indicator1,
        public string $indicator2,
        public array $subfields,
    ) {
    }

    /**
     * Made from pairs of code and text, as one writes it down: `DataField::of('245', '10', 'a', 'Tides', 'b', 'a guide')`.
     */
    public static function of(string $tag, string $indicators, string ...$codesAndValues): self
    {
        $subfields = [];
        foreach (array_chunk(array_values($codesAndValues), 2) as $pair) {
            $subfields[] = new Subfield($pair[0], $pair[1] ?? '');
        }

        return new self($tag, $indicators[0], $indicators[1], $subfields);
    }

    /** The first subfield with this code, or null. */
    public function first(string $code): ?string
    {
        foreach ($this->subfields as $subfield) {
            if ($subfield->code === $code) {
                return $subfield->value;
            }
        }

        return null;
    }

    /**
     * The texts of all subfields whose code is one of the characters of $codes, in the order of the field.
     *
     * @return list<string>
     */
    public function all(string $codes): array
    {
        $values = [];
        foreach ($this->subfields as $subfield) {
            if (str_contains($codes, $subfield->code)) {
                $values[] = $subfield->value;
            }
        }

        return $values;
    }

    public function joined(string $codes, string $glue = ' '): string
    {
        return implode($glue, $this->all($codes));
    }

    /** The same field with its texts composed (Unicode NFC); itself where nothing changes. */
    public function composed(): self
    {
        $subfields = null;
        foreach ($this->subfields as $index => $subfield) {
            $value = Nfc::of($subfield->value);
            if ($value !== $subfield->value) {
                $subfields ??= $this->subfields;
                $subfields[$index] = new Subfield($subfield->code, $value);
            }
        }

        return null === $subfields ? $this : new self($this->tag, $this->indicator1, $this->indicator2, array_values($subfields));
    }
}
