<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Definition;

use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Matching\Isbn;

/**
 * Compares a record with what MARC 21 provides for: which fields and subfields there are, which may be repeated, what indicators and
 * coded positions may hold. Local fields (with a 9 in the tag) are nobody's business.
 */
final class RecordCheck
{
    private const LENGTHS = ['006' => 18, '008' => 40];

    /** @return list<Remark> in the order of the record */
    public static function of(MarcRecord $record): array
    {
        $remarks = self::positions('LDR', $record->leader, $record->leader, -1);
        if (null === $record->firstData('245')) {
            $remarks[] = new Remark(-1, '245', 'missing', 'There is no title (245).');
        }
        $seen = [];
        foreach ($record->fields as $place => $field) {
            $definition = Definitions::field($field->tag);
            if (null === $definition) {
                if (!Definitions::isLocal($field->tag)) {
                    $remarks[] = new Remark($place, $field->tag, 'unknown-field', \sprintf('MARC 21 has no field %s.', $field->tag));
                }
                continue;
            }
            if (isset($seen[$field->tag]) && !$definition->isRepeatable) {
                $remarks[] = new Remark($place, $field->tag, 'not-repeatable', \sprintf('Field %s (%s) stands in a record only once.', $field->tag, $definition->name));
            }
            $seen[$field->tag] = true;
            array_push($remarks, ...$field instanceof ControlField ? self::ofControl($field, $record->leader, $place) : self::ofData($field, $definition, $place));
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private static function ofControl(ControlField $field, string $leader, int $place): array
    {
        $length = self::LENGTHS[$field->tag] ?? null;
        if (null !== $length && $length !== mb_strlen($field->value)) {
            return [new Remark($place, $field->tag, 'length', \sprintf('Field %s has %d characters, not %d.', $field->tag, $length, mb_strlen($field->value)))];
        }

        return self::positions($field->tag, $field->value, $leader, $place);
    }

    /** @return list<Remark> */
    private static function positions(string $tag, string $text, string $leader, int $place): array
    {
        $remarks = [];
        foreach (Definitions::positions($tag, Definitions::kindOf($tag, $text, $leader)) as $position) {
            $stands = substr($text, $position->from, $position->length);
            if ('' !== $stands && !$position->allows($stands)) {
                $remarks[] = new Remark($place, $tag, 'coded-value', \sprintf('Position %d of %s (%s) does not know "%s".', $position->from, 'LDR' === $tag ? 'the leader' : $tag, $position->name, str_replace(' ', '#', $stands)));
            }
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private static function ofData(DataField $field, FieldDefinition $definition, int $place): array
    {
        // 880 takes the place of another field and looks like that one.
        if ('880' === $field->tag) {
            return [];
        }
        $remarks = [];
        foreach ([1 => [$field->indicator1, $definition->indicators1, $definition->name1], 2 => [$field->indicator2, $definition->indicators2, $definition->name2]] as $number => [$stands, $allowed, $name]) {
            if (!str_contains($allowed, $stands)) {
                $sentence = \sprintf('Indicator %d of %s%s is "%s"; it may be %s.', $number, $field->tag, '' === $name ? '' : " ({$name})", str_replace(' ', '#', $stands), implode(', ', str_split(str_replace(' ', '#', $allowed))));
                $remarks[] = new Remark($place, $field->tag, 'indicator', $sentence);
            }
        }
        if ([] === $field->subfields || '' === trim(implode('', array_map(static fn ($subfield): string => $subfield->value, $field->subfields)))) {
            $remarks[] = new Remark($place, $field->tag, 'empty', \sprintf('Field %s is empty.', $field->tag));
        }

        return [...$remarks, ...self::ofSubfields($field, $definition, $place)];
    }

    /** @return list<Remark> */
    private static function ofSubfields(DataField $field, FieldDefinition $definition, int $place): array
    {
        $remarks = [];
        $seen = [];
        foreach ($field->subfields as $subfield) {
            $known = $definition->subfields[$subfield->code] ?? null;
            if (null === $known && '9' !== $subfield->code) {
                $remarks[] = new Remark($place, $field->tag, 'unknown-subfield', \sprintf('Field %s (%s) has no subfield $%s.', $field->tag, $definition->name, $subfield->code));
            } elseif (null !== $known && isset($seen[$subfield->code]) && !$known->isRepeatable) {
                $remarks[] = new Remark($place, $field->tag, 'subfield-not-repeatable', \sprintf('Subfield $%s of %s (%s) stands in a field only once.', $subfield->code, $field->tag, $known->name));
            }
            $seen[$subfield->code] = true;
        }
        $isbn = '020' === $field->tag ? $field->first('a') : null;
        if (null !== $isbn && '' !== trim($isbn) && null === Isbn::tryFrom($isbn)) {
            $remarks[] = new Remark($place, '020', 'check-digit', \sprintf('"%s" is no ISBN: its check digit or length is wrong.', $isbn));
        }

        return $remarks;
    }
}
