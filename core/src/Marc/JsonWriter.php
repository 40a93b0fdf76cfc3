<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Writes records as JSON: an array of objects with `leader` and `fields`, each field an object with its tag as the only
 * key; control fields hold a text, data fields `ind1`, `ind2` and `subfields`.
 */
final class JsonWriter implements RecordWriter
{
    private bool $first = true;

    public function head(): string
    {
        $this->first = true;

        return "[\n";
    }

    public function foot(): string
    {
        return "\n]\n";
    }

    public function write(MarcRecord $record): string
    {
        $separator = $this->first ? '' : ",\n";
        $this->first = false;

        return $separator.json_encode([
            'leader' => $record->leader,
            'fields' => array_map($this->field(...), $record->fields),
        ], \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string|array<string, mixed>> */
    private function field(ControlField|DataField $field): array
    {
        if ($field instanceof ControlField) {
            return [$field->tag.'' => $field->value];
        }

        return [$field->tag.'' => [
            'ind1' => $field->indicator1,
            'ind2' => $field->indicator2,
            'subfields' => array_map(static fn (Subfield $subfield): object => (object) [$subfield->code => $subfield->value], $field->subfields),
        ]];
    }
}
