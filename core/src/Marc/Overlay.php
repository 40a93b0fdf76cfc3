<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * A record that takes the place of another, which keeps some fields of its own.
 */
final class Overlay
{
    /**
     * The record $with, and those fields of $own whose tags are to be kept: behind the last field with a tag that is not greater.
     * Control fields, of which there is one of each, stay the own; a field that both have is not doubled.
     *
     * @param list<string> $kept tags, a dot for any character
     */
    public static function keeping(MarcRecord $with, MarcRecord $own, array $kept): MarcRecord
    {
        $fields = $with->fields;
        foreach ($own->fields as $field) {
            if (!TagPattern::matchesAny($field->tag, $kept)) {
                continue;
            }
            if ($field instanceof ControlField) {
                $fields = array_values(array_filter($fields, static fn (ControlField|DataField $other): bool => $other->tag !== $field->tag));
            }
            if ([] === array_filter($fields, static fn (ControlField|DataField $other): bool => LineText::writeField($other) === LineText::writeField($field))) {
                $fields = self::placed($fields, $field);
            }
        }

        return $with->withFields($fields);
    }

    /**
     * @param list<ControlField|DataField> $fields
     *
     * @return list<ControlField|DataField>
     */
    public static function placed(array $fields, ControlField|DataField $field): array
    {
        array_splice($fields, self::placeFor($fields, $field->tag), 0, [$field]);

        return $fields;
    }

    /**
     * @param list<ControlField|DataField> $fields
     *
     * @return int how many of them stand before a field with this tag: up to the last one with a tag that is not greater
     */
    public static function placeFor(array $fields, string $tag): int
    {
        $place = 0;
        foreach ($fields as $index => $other) {
            $place = $other->tag <= $tag ? $index + 1 : $place;
        }

        return $place;
    }
}
