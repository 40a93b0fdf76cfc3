<?php

declare(strict_types=1);

namespace TinLantern\Platform\Database;

use Doctrine\DBAL\Platforms\AbstractPlatform;
use Doctrine\DBAL\Types\Type;
use TinLantern\Core\Calendar\Day;

/**
 * A DATE column as a day of the calendar.
 */
final class DayType extends Type
{
    public function getSQLDeclaration(array $column, AbstractPlatform $platform): string
    {
        return $platform->getDateTypeDeclarationSQL($column);
    }

    public function convertToPHPValue(mixed $value, AbstractPlatform $platform): ?Day
    {
        return \is_string($value) ? Day::of($value) : null;
    }

    public function convertToDatabaseValue(mixed $value, AbstractPlatform $platform): ?string
    {
        return $value instanceof Day ? $value->iso : null;
    }
}
