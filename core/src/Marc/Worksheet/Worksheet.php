<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Worksheet;

use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;

/**
 * What a record that is entered on a worksheet must and should have.
 */
final readonly class Worksheet
{
    /**
     * @param list<string>          $required    as in `245$a` or `008`
     * @param list<string>          $recommended the same
     * @param array<string, string> $labels      how the house calls a place, where it does not call it as MARC 21 does
     */
    public function __construct(public array $required, public array $recommended, public array $labels = [])
    {
    }

    /** @return list<string> what must be there and is not */
    public function missing(MarcRecord $record): array
    {
        return self::absent($record, $this->required);
    }

    /** @return list<string> what should be there and is not */
    public function wanting(MarcRecord $record): array
    {
        return self::absent($record, $this->recommended);
    }

    public static function isPlace(string $written): bool
    {
        return 1 === preg_match('/^[0-9A-Za-z]{3}(?:\$[0-9a-z])?$/D', $written);
    }

    /**
     * @param list<string> $places
     *
     * @return list<string>
     */
    private static function absent(MarcRecord $record, array $places): array
    {
        return array_values(array_filter($places, static fn (string $place): bool => !self::isThere($record, substr($place, 0, 3), substr($place, 4))));
    }

    private static function isThere(MarcRecord $record, string $tag, string $code): bool
    {
        if (str_starts_with($tag, '00')) {
            return '' !== trim($record->control($tag) ?? '');
        }
        foreach ($record->data($tag) as $field) {
            if ('' !== trim('' === $code ? self::text($field) : implode('', $field->all($code)))) {
                return true;
            }
        }

        return false;
    }

    private static function text(DataField $field): string
    {
        return implode('', array_map(static fn ($subfield): string => $subfield->value, $field->subfields));
    }
}
