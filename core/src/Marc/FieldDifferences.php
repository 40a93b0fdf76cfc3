<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Puts two records side by side, field by field.
 *
 * Fields with the same tag are paired: first those that are equal, then those that are most alike. What finds no partner stands alone.
 */
final class FieldDifferences
{
    /** From how many percent of common text on two fields are shown as one that has changed. */
    private const ALIKE = 35.0;

    /** @return list<FieldDifference> in the order of the tags, and of the left record within a tag */
    public static function between(MarcRecord $left, MarcRecord $right): array
    {
        $rows = [new FieldDifference('LDR', 'LDR '.self::withoutLengths($left->leader), 'LDR '.self::withoutLengths($right->leader))];
        $ofLeft = self::byTag($left);
        $ofRight = self::byTag($right);
        $tags = array_map(strval(...), array_keys($ofLeft + $ofRight));
        sort($tags, \SORT_STRING);
        foreach ($tags as $tag) {
            array_push($rows, ...self::ofTag($tag, $ofLeft[$tag] ?? [], $ofRight[$tag] ?? []));
        }

        return $rows;
    }

    /**
     * @param list<string> $left
     * @param list<string> $right
     *
     * @return list<FieldDifference>
     */
    private static function ofTag(string $tag, array $left, array $right): array
    {
        $partners = [];
        $free = $right;
        foreach ($left as $index => $line) {
            $same = array_search($line, $free, true);
            if (false !== $same) {
                $partners[$index] = $same;
                unset($free[$same]);
            }
        }
        foreach ($left as $index => $line) {
            if (!isset($partners[$index])) {
                $alike = self::mostAlike($line, $free);
                if (null !== $alike) {
                    $partners[$index] = $alike;
                    unset($free[$alike]);
                }
            }
        }
        $rows = [];
        foreach ($left as $index => $line) {
            $rows[] = new FieldDifference($tag, $line, isset($partners[$index]) ? $right[$partners[$index]] : null);
        }
        foreach ($free as $line) {
            $rows[] = new FieldDifference($tag, null, $line);
        }

        return $rows;
    }

    /** @param array<int, string> $lines */
    private static function mostAlike(string $line, array $lines): ?int
    {
        $best = null;
        $most = self::ALIKE;
        foreach ($lines as $index => $other) {
            similar_text(self::textOf($line), self::textOf($other), $percent);
            if ($percent > $most || 1 === \count($lines) && str_starts_with($line, '00')) {
                $best = $index;
                $most = $percent;
            }
        }

        return $best;
    }

    /** Without tag and indicators, which fields of one tag have in common anyway. */
    private static function textOf(string $line): string
    {
        return substr($line, ControlField::isTag(substr($line, 0, 3)) ? 4 : 7, 300);
    }

    /** The lengths of the exchange form say nothing about the record. */
    private static function withoutLengths(string $leader): string
    {
        return substr_replace(substr_replace($leader, '00000', 0, 5), '00000', 12, 5);
    }

    /** @return array<array-key, list<string>> */
    private static function byTag(MarcRecord $record): array
    {
        $lines = [];
        foreach ($record->fields as $field) {
            $lines[$field->tag][] = LineText::writeField($field);
        }

        return $lines;
    }
}
