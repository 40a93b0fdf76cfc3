<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Parts a record from its items and puts both together again.
 *
 * Putting together what was parted gives the same record, field by field and subfield by subfield. Where an item
 * has changed since, only the subfields that say so are rewritten; those this mapping does not know stay as they were.
 */
final class ItemFields
{
    public static function part(MarcRecord $record, ItemMapping $mapping): RecordParts
    {
        $remarks = [];
        $barcodes = self::barcodes($record, $mapping, $remarks);
        $own = [];
        $fields = [];
        $order = 0;
        foreach ($record->fields as $field) {
            $barcode = $field instanceof DataField ? self::barcodeIn($field, $mapping) : null;
            if (!$field instanceof DataField || null === $barcode || !isset($barcodes[$barcode])) {
                $own[] = $field;
                continue;
            }
            if ($field->tag === $mapping->tag && $barcodes[$barcode]++ > 0) {
                $remarks[] = \sprintf('barcode %s stands in two fields %s of the record; the second was kept as a field of the record.', $barcode, $field->tag);
                $own[] = $field;
                continue;
            }
            $fields['b'.$barcode][] = new PlacedField(\count($own), $order++, $field);
        }
        $items = [];
        foreach ($fields as $itemFields) {
            $items[] = new ItemStatement($mapping, self::values($itemFields, $mapping), $itemFields);
        }

        return new RecordParts($record->withFields($own), $items, $remarks);
    }

    /**
     * The record with its items' fields. Fields without a place (of items that never stood in a record) are put behind
     * the last field whose tag is not greater.
     *
     * @param list<PlacedField> $placed
     * @param list<DataField>   $unplaced
     */
    public static function join(MarcRecord $record, array $placed, array $unplaced): MarcRecord
    {
        usort($placed, static fn (PlacedField $a, PlacedField $b): int => [$a->place, $a->order] <=> [$b->place, $b->order]);
        $fields = [];
        $next = 0;
        for ($place = 0, $count = \count($record->fields); $place <= $count; ++$place) {
            while ($next < \count($placed) && ($placed[$next]->place <= $place || $place === $count)) {
                $fields[] = $placed[$next++]->field;
            }
            if ($place < $count) {
                $fields[] = $record->fields[$place];
            }
        }
        foreach ($unplaced as $field) {
            $fields = Overlay::placed($fields, $field);
        }

        return $record->withFields($fields);
    }

    /**
     * The item's fields as they have to be now.
     *
     * @param array<string, string> $changed by ItemProperty, only what differs from what the fields say; an empty text removes
     *
     * @return list<PlacedField>
     */
    public static function rewrite(ItemStatement $statement, array $changed): array
    {
        if ([] === $changed) {
            return $statement->fields;
        }
        $mapping = $statement->mapping;
        $fields = [];
        $there = [];
        foreach ($statement->fields as $placed) {
            $there[$placed->field->tag] = true;
            $field = self::withValues($placed->field, $mapping->codesOf($placed->field->tag), $changed);
            $fields[] = new PlacedField($placed->place, $placed->order, $field);
        }
        $last = $fields[\count($fields) - 1];
        foreach (self::companions($mapping, ['barcode' => $statement->barcode()] + $changed) as $companion) {
            if (!isset($there[$companion->tag])) {
                $fields[] = new PlacedField($last->place, $last->order, $companion);
            }
        }

        return $fields;
    }

    /**
     * Fields for an item that never stood in a record.
     *
     * @param array<string, string> $values by ItemProperty
     *
     * @return list<DataField>
     */
    public static function fresh(array $values, string $schemeIndicator): array
    {
        $mapping = ItemMapping::holdings();
        $location = self::withValues(new DataField('852', $schemeIndicator, ' ', []), $mapping->main, $values);

        return [$location, ...self::companions($mapping, $values)];
    }

    /**
     * The fields without what is for the house alone, among it the notes that the standard calls nonpublic.
     *
     * @param list<PlacedField> $fields
     *
     * @return list<PlacedField>
     *
     * @see MARC 21 Format for Holdings Data, 852 $x and 876 $x
     */
    public static function forOthers(array $fields, ItemMapping $mapping): array
    {
        $kept = [];
        foreach ($fields as $placed) {
            $ours = \in_array($placed->field->tag, ['852', '876'], true) ? 'x' : '';
            foreach ($mapping->codesOf($placed->field->tag) as $name => $codes) {
                $ours .= true === ItemProperty::tryFrom($name)?->isOurs() ? $codes : '';
            }
            $subfields = array_values(array_filter($placed->field->subfields, static fn (Subfield $subfield): bool => !str_contains($ours, $subfield->code)));
            $kept[] = new PlacedField($placed->place, $placed->order, new DataField($placed->field->tag, $placed->field->indicator1, $placed->field->indicator2, $subfields));
        }

        return $kept;
    }

    /**
     * The companion fields that have something to say.
     *
     * @param array<string, string> $values by ItemProperty
     *
     * @return list<DataField>
     */
    private static function companions(ItemMapping $mapping, array $values): array
    {
        $companions = [];
        foreach ($mapping->companions as $tag => $codesByName) {
            $said = array_filter(array_intersect_key($values, $codesByName), static fn (string $value): bool => '' !== $value);
            if ([] !== array_diff_key($said, ['barcode' => true])) {
                $companions[] = self::withValues(new DataField((string) $tag, ' ', ' ', []), $codesByName, $said);
            }
        }

        return $companions;
    }

    /**
     * @param list<string> $remarks
     *
     * @return array<string, int> barcode to the number of its main fields seen so far
     */
    private static function barcodes(MarcRecord $record, ItemMapping $mapping, array &$remarks): array
    {
        $barcodes = [];
        foreach ($record->fields as $field) {
            if (!$field instanceof DataField || $field->tag !== $mapping->tag) {
                continue;
            }
            $barcode = self::barcodeIn($field, $mapping);
            if (null === $barcode) {
                $remarks[] = \sprintf('a field %s has no barcode; it was kept as a field of the record and no item was made.', $field->tag);
            } else {
                $barcodes[$barcode] = 0;
            }
        }

        return $barcodes;
    }

    private static function barcodeIn(DataField $field, ItemMapping $mapping): ?string
    {
        $code = $mapping->codesOf($field->tag)['barcode'] ?? null;
        $barcode = null === $code ? '' : trim($field->first($code) ?? '');

        return '' === $barcode ? null : $barcode;
    }

    /**
     * @param list<PlacedField> $fields
     *
     * @return array<string, string>
     */
    private static function values(array $fields, ItemMapping $mapping): array
    {
        $values = [];
        foreach ($fields as $placed) {
            foreach ($mapping->codesOf($placed->field->tag) as $name => $codes) {
                $texts = self::textsInOrder($placed->field, $codes);
                if ([] !== $texts && !isset($values[$name])) {
                    $values[$name] = 'barcode' === $name ? trim($texts[0]) : implode(' ', $texts);
                }
            }
        }

        return $values;
    }

    /** @return list<string> */
    private static function textsInOrder(DataField $field, string $codes): array
    {
        $texts = [];
        foreach (str_split($codes) as $code) {
            array_push($texts, ...$field->all($code));
        }

        return array_values(array_filter(array_map(trim(...), $texts), static fn (string $text): bool => '' !== $text));
    }

    /**
     * @param array<string, string> $codesByName
     * @param array<string, string> $values
     */
    private static function withValues(DataField $field, array $codesByName, array $values): DataField
    {
        $subfields = $field->subfields;
        foreach ($codesByName as $name => $codes) {
            if (isset($values[$name])) {
                $subfields = self::replaced($subfields, $codes, self::pieces($values[$name], $codes));
            }
        }

        return new DataField($field->tag, $field->indicator1, $field->indicator2, $subfields);
    }

    /**
     * A text over several codes: its first word to the first code, the rest to the second.
     *
     * @return list<Subfield>
     */
    private static function pieces(string $value, string $codes): array
    {
        if ('' === $value) {
            return [];
        }
        $words = explode(' ', $value, min(2, \strlen($codes)));
        $pieces = [];
        foreach ($words as $index => $word) {
            $pieces[] = new Subfield($codes[$index], $word);
        }

        return $pieces;
    }

    /**
     * @param list<Subfield> $subfields
     * @param list<Subfield> $pieces
     *
     * @return list<Subfield>
     */
    private static function replaced(array $subfields, string $codes, array $pieces): array
    {
        $kept = [];
        $at = null;
        foreach ($subfields as $subfield) {
            if (str_contains($codes, $subfield->code)) {
                $at ??= \count($kept);
            } else {
                $kept[] = $subfield;
            }
        }
        array_splice($kept, $at ?? \count($kept), 0, $pieces);

        return $kept;
    }
}
