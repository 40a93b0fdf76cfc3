<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\ItemProperty;
use TinLantern\Core\Marc\ItemStatement;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\PlacedField;

/**
 * The fields that an item came in, kept with it so that they can go out again as they were.
 */
final readonly class StoredStatement
{
    /**
     * @param array<string, string> $stated what the fields said, in terms of the house, by ItemProperty; what is missing they did not say
     * @param list<PlacedField>     $fields
     */
    private function __construct(private ItemMapping $mapping, private array $stated, private array $fields)
    {
    }

    /** @param array<string, string> $stated what an item made of the statement states */
    public static function write(ItemStatement $statement, array $stated): string
    {
        // What the item does not say otherwise stays in the record's own words. A code that the house does not know is
        // said otherwise: the item was given another. What a preset gave it, the fields did not say.
        $kept = [];
        foreach (array_filter($stated, static fn (string $value): bool => '' !== $value) as $name => $value) {
            $isCode = \in_array($name, [ItemProperty::Branch->value, ItemProperty::Location->value, ItemProperty::LendingClass->value], true);
            if ($isCode || isset($statement->values[$name])) {
                $kept[$name] = $isCode ? $statement->values[$name] ?? $value : $value;
            }
        }

        return json_encode([
            'mapping' => $statement->mapping->written(),
            'stated' => $kept,
            'fields' => array_map(static fn (PlacedField $placed): array => [$placed->place, $placed->order, LineText::writeField($placed->field)], $statement->fields),
        ], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES);
    }

    public static function read(string $json): self
    {
        /** @var array{mapping: string, stated: array<string, string>, fields: list<array{int, int, string}>} $stored */
        $stored = json_decode($json, true, 8, \JSON_THROW_ON_ERROR);
        $fields = [];
        foreach ($stored['fields'] as [$place, $order, $line]) {
            $field = LineText::parseField($line);
            if ($field instanceof DataField) {
                $fields[] = new PlacedField($place, $order, $field);
            }
        }

        return new self(ItemMapping::parse($stored['mapping']), $stored['stated'], $fields);
    }

    /**
     * The fields as they have to be for an item that states this now.
     *
     * @param array<string, string> $states      by ItemProperty
     * @param bool                  $isForOthers whether it goes out of the house: then without what is for the house alone
     *
     * @return list<PlacedField>
     */
    public function fieldsFor(array $states, bool $isForOthers): array
    {
        $changed = array_diff_assoc($states, $this->stated + array_fill_keys(array_keys($states), ''));

        $fields = ItemFields::rewrite(new ItemStatement($this->mapping, ['barcode' => $states['barcode']], $this->fields), $changed);

        return $isForOthers ? ItemFields::forOthers($fields, $this->mapping) : $fields;
    }
}
