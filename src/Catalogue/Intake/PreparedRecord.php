<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\ItemStatement;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Core\Marc\PlacedField;

/**
 * A record of a file with everything that can be derived from it alone, before anything is asked of the database.
 */
final readonly class PreparedRecord
{
    /**
     * @param string              $leader    24 bytes
     * @param string              $text      the record as it came, with its item fields, as lines of text
     * @param DescribedRecord     $described the record without its items, treated as the file is to be
     * @param list<ItemStatement> $items
     * @param list<string>        $remarks   about its item fields, and what it lacks
     */
    private function __construct(public string $leader, public string $text, public DescribedRecord $described, public array $items, public array $remarks)
    {
    }

    public static function of(MarcRecord $marc, IntakeOptions $options): self
    {
        $parts = ItemFields::part($marc, $options->mapping);
        $treated = $options->treatment->of($parts->record);
        $leader = strtok(LineText::write($marc->withFields([])), "\n");
        $lines = [];
        foreach ($marc->fields as $field) {
            $lines[spl_object_id($field)] = LineText::writeField($field);
        }
        // Most fields of the record proper are those of the record as it came.
        $own = [];
        foreach ($treated->fields as $field) {
            $own[] = $lines[spl_object_id($field)] ?? LineText::writeField($field);
        }
        $described = DescribedRecord::of($treated, implode("\n", [$leader, ...$own]));
        $items = $treated === $parts->record ? $parts->items : self::moved($parts->items, $treated);

        return new self($marc->leader, implode("\n", [$leader, ...array_values($lines)]), $described, $items, [...$parts->remarks, ...$options->treatment->remarks($treated)]);
    }

    /** The record as it is going to be, with the fields of its items. */
    public function whole(): MarcRecord
    {
        return ItemFields::join($this->described->marc(), array_merge([], ...array_map(static fn (ItemStatement $item): array => $item->fields, $this->items)), []);
    }

    /**
     * In a record that has become another, the fields of its items stand in the order of tags.
     *
     * @param list<ItemStatement> $items
     *
     * @return list<ItemStatement>
     */
    private static function moved(array $items, MarcRecord $record): array
    {
        $placed = static fn (PlacedField $field): PlacedField => new PlacedField(Overlay::placeFor($record->fields, $field->field->tag), $field->order, $field->field);

        return array_map(static fn (ItemStatement $item): ItemStatement => new ItemStatement($item->mapping, $item->values, array_map($placed, $item->fields)), $items);
    }
}
