<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Definition;

/**
 * What MARC 21 says of fields and coded positions, from the tables in core/data.
 *
 * @see MARC 21 Format for Bibliographic Data
 */
final class Definitions
{
    /** @var array<array-key, array{string, bool, string, string, string, string, array<array-key, array{string, bool}>}>|null */
    private static ?array $fields = null;
    /** @var array<array-key, array<array-key, mixed>>|null */
    private static ?array $positions = null;

    public static function field(string $tag): ?FieldDefinition
    {
        $row = self::fields()[$tag] ?? null;
        if (null === $row) {
            return null;
        }
        $subfields = [];
        foreach ($row[6] as $code => [$name, $isRepeatable]) {
            $subfields[(string) $code] = new SubfieldDefinition((string) $code, $name, $isRepeatable);
        }

        return new FieldDefinition($tag, $row[0], $row[1], $row[2], $row[3], $row[4], $row[5], $subfields);
    }

    /** @return list<string> all tags that MARC 21 defines */
    public static function tags(): array
    {
        return array_map(static fn (int|string $tag): string => \sprintf('%03s', $tag), array_keys(self::fields()));
    }

    /** A tag that every library may use as it likes: one with a 9 in it. */
    public static function isLocal(string $tag): bool
    {
        return str_contains($tag, '9') && '490' !== $tag;
    }

    /**
     * The positions of a coded field; none when the kind is not known.
     *
     * @param string $field LDR, 006, 007 or 008
     * @param string $kind  of material for 006 and 008, the category (position 0) for 007
     *
     * @return list<CodedPosition>
     */
    public static function positions(string $field, string $kind): array
    {
        $positions = [];
        /** @var list<array{int, int, string, array<array-key, string>}> $rows */
        $rows = self::table()[$field][$kind] ?? [];
        foreach ($rows as $row) {
            $positions[] = new CodedPosition(...$row);
        }

        return $positions;
    }

    /** The kind by which the positions of this text are looked up. */
    public static function kindOf(string $field, string $text, string $leader): string
    {
        $first = substr($text, 0, 1);

        return match ($field) {
            '006' => self::names('006 materials')[$first] ?? '',
            '007' => $first,
            '008' => Material::ofLeader($leader)->value,
            default => '',
        };
    }

    /** @return array<array-key, string> names of the categories of 007 by code, or kinds of material of 006 by type of record */
    public static function names(string $table): array
    {
        /** @var array<array-key, string> */
        return self::table()[$table] ?? [];
    }

    /** @return array<array-key, array{string, bool, string, string, string, string, array<array-key, array{string, bool}>}> */
    private static function fields(): array
    {
        if (null === self::$fields) {
            /** @var array<array-key, array{string, bool, string, string, string, string, array<array-key, array{string, bool}>}> $fields */
            $fields = require \dirname(__DIR__, 3).'/data/marc21-fields.php';
            self::$fields = $fields;
        }

        return self::$fields;
    }

    /** @return array<array-key, array<array-key, mixed>> */
    private static function table(): array
    {
        if (null === self::$positions) {
            /** @var array<array-key, array<array-key, mixed>> $positions */
            $positions = require \dirname(__DIR__, 3).'/data/marc21-positions.php';
            self::$positions = $positions;
        }

        return self::$positions;
    }
}
