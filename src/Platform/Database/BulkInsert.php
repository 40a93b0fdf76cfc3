<?php

declare(strict_types=1);

namespace TinLantern\Platform\Database;

use Doctrine\DBAL\Connection;

/**
 * Many rows in one statement. Values are written into it, quoted: with thousands of them, binding each costs more than the rest.
 */
final class BulkInsert
{
    private const AT_ONCE = 1000;
    /** What has to be escaped in a text; most values have nothing of it. */
    private const SPECIAL = "'\"\\\0\n\r\x1A";

    /**
     * @param string                            $into  `INSERT INTO table (columns)`, or another statement that takes VALUES
     * @param list<list<string|int|float|null>> $rows
     * @param string                            $after what comes behind the values
     */
    public static function run(Connection $connection, string $into, array $rows, string $after = ''): void
    {
        foreach (array_chunk($rows, self::AT_ONCE) as $chunk) {
            $connection->executeStatement(self::sql($connection, $into, $chunk, $after));
        }
    }

    /** @param list<list<string|int|float|null>> $rows */
    public static function sql(Connection $connection, string $into, array $rows, string $after = ''): string
    {
        $tuples = [];
        foreach ($rows as $row) {
            $values = [];
            foreach ($row as $value) {
                $values[] = match (true) {
                    null === $value => 'NULL',
                    \is_string($value) => \strlen($value) === strcspn($value, self::SPECIAL) ? "'{$value}'" : $connection->quote($value),
                    default => (string) $value,
                };
            }
            $tuples[] = '('.implode(',', $values).')';
        }

        return $into.' VALUES '.implode(',', $tuples).('' === $after ? '' : ' '.$after);
    }
}
