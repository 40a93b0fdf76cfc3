<?php

declare(strict_types=1);

namespace TinLantern\Platform;

use TinLantern\Core\Calendar\Day;
use TinLantern\Core\Money\Money;

/**
 * Views as JSON: public properties by name, instants in ISO 8601 with offset, days as YYYY-MM-DD, money as {minor}, enums by value.
 */
final class Json
{
    private const FLAGS = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_INVALID_UTF8_SUBSTITUTE;

    public static function encode(mixed $value): string
    {
        return json_encode(self::plain($value), self::FLAGS);
    }

    /** @return array<string, mixed> */
    public static function decodeObject(?string $json): array
    {
        $decoded = null === $json ? [] : json_decode($json, true, 64, \JSON_THROW_ON_ERROR);
        $object = [];
        foreach (\is_array($decoded) ? $decoded : [] as $name => $value) {
            $object[(string) $name] = $value;
        }

        return $object;
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            \is_array($value) => array_map(self::plain(...), $value),
            !\is_object($value) => $value,
            $value instanceof \DateTimeInterface => $value->format(\DATE_ATOM),
            $value instanceof Day => $value->iso,
            $value instanceof \BackedEnum => $value->value,
            default => (object) array_map(self::plain(...), get_object_vars($value)),
        };
    }
}
