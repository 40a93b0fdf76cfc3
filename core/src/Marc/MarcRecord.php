<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * A MARC 21 record as it stands: a leader of 24 bytes and its fields in their order. Nothing is normalised: what was
 * read is what is written. Text is UTF-8.
 *
 * @see MARC 21 Format for Bibliographic Data; ISO 2709 for the exchange form
 */
final readonly class MarcRecord
{
    public const LEADER_LENGTH = 24;

    /** @param list<ControlField|DataField> $fields */
    public function __construct(public string $leader, public array $fields)
    {
        if (self::LEADER_LENGTH !== \strlen($leader)) {
            throw new \InvalidArgumentException(\sprintf('A leader has 24 bytes, this one has %d.', \strlen($leader)));
        }
    }

    /** The text of the first control field with this tag, or null. */
    public function control(string $tag): ?string
    {
        foreach ($this->fields as $field) {
            if ($field instanceof ControlField && $field->tag === $tag) {
                return $field->value;
            }
        }

        return null;
    }

    /**
     * All data fields whose tag matches; a dot stands for any character: `650`, `6..`.
     *
     * @return list<DataField>
     */
    public function data(string ...$patterns): array
    {
        $found = [];
        foreach ($this->fields as $field) {
            if ($field instanceof DataField && TagPattern::matchesAny($field->tag, $patterns)) {
                $found[] = $field;
            }
        }

        return $found;
    }

    public function firstData(string ...$patterns): ?DataField
    {
        foreach ($this->fields as $field) {
            if ($field instanceof DataField && TagPattern::matchesAny($field->tag, $patterns)) {
                return $field;
            }
        }

        return null;
    }

    /** @param list<ControlField|DataField> $fields */
    public function withFields(array $fields): self
    {
        return new self($this->leader, $fields);
    }

    /** The same record with all text composed (Unicode NFC). */
    public function composed(): self
    {
        $fields = [];
        $isChanged = false;
        foreach ($this->fields as $field) {
            $composed = $field->composed();
            $isChanged = $isChanged || $composed !== $field;
            $fields[] = $composed;
        }

        return $isChanged ? $this->withFields($fields) : $this;
    }

    /** One byte of the leader, by its position from 0. */
    public function leaderAt(int $position): string
    {
        return $this->leader[$position];
    }
}
