<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Worksheet;

use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Core\Marc\Subfield;
use TinLantern\Core\Marc\Unreadable;

/**
 * The fields that a record on a worksheet begins with, as far as they say something already: what a record from elsewhere may lack.
 */
final readonly class Beginning
{
    /** @param list<ControlField|DataField> $fields */
    private function __construct(private array $fields)
    {
    }

    /**
     * @param string $lines a record as lines of text; its leader, its empty subfields, and fields whose first one is empty are for somebody who fills them in
     *
     * @throws Unreadable
     */
    public static function of(string $lines): self
    {
        $fields = [];
        foreach ('' === trim($lines) ? [] : LineText::parse($lines)->fields as $field) {
            if ($field instanceof DataField) {
                $isForSomebody = '' === trim($field->subfields[0]->value ?? '');
                $said = $isForSomebody ? [] : array_values(array_filter($field->subfields, static fn (Subfield $subfield): bool => '' !== trim($subfield->value)));
                $field = new DataField($field->tag, $field->indicator1, $field->indicator2, $said);
            }
            if ($field instanceof ControlField ? '' !== trim($field->value) : [] !== $field->subfields) {
                $fields[] = $field;
            }
        }

        return new self($fields);
    }

    /** The record with those fields of whose tags it has none; itself where it lacks nothing. */
    public function fillIn(MarcRecord $record): MarcRecord
    {
        $there = array_fill_keys(array_column($record->fields, 'tag'), true);
        $fields = $record->fields;
        foreach ($this->fields as $field) {
            if (!isset($there[$field->tag])) {
                $fields = Overlay::placed($fields, $field);
            }
        }

        return \count($fields) === \count($record->fields) ? $record : $record->withFields($fields);
    }
}
