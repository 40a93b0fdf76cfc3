<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sharing;

/**
 * Moments and identifiers as OAI-PMH writes them.
 */
final class OaiMoment
{
    /** @param string $column as in the database, in UTC */
    public static function written(string $column): string
    {
        return (new \DateTimeImmutable($column, new \DateTimeZone('UTC')))->format('Y-m-d\TH:i:s\Z');
    }

    /** @return string as in the database */
    public static function read(string $written, bool $isEnd): string
    {
        if (1 === preg_match('/^\d{4}-\d{2}-\d{2}$/D', $written)) {
            $written .= $isEnd ? 'T23:59:59Z' : 'T00:00:00Z';
        }
        $moment = 1 === preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}Z$/D', $written) ? date_create_immutable($written) : false;
        if (false === $moment || $moment->format('Y-m-d\TH:i:s\Z') !== $written) {
            throw new OaiProblem('badArgument', \sprintf('"%s" is no moment. Write it as 2026-03-03T10:00:00Z, or a day as 2026-03-03.', $written));
        }

        return $moment->format('Y-m-d H:i:s');
    }

    /** @param string $domain of the library, which makes its identifiers its own */
    public static function identifier(string $domain, int $recordId): string
    {
        return "oai:{$domain}:{$recordId}";
    }

    public static function recordIn(string $domain, string $identifier): int
    {
        $id = str_starts_with($identifier, "oai:{$domain}:") ? substr($identifier, \strlen("oai:{$domain}:")) : '';

        return 1 === preg_match('/^\d{1,9}$/D', $id) ? (int) $id : throw new OaiProblem('idDoesNotExist', 'There is no such record.');
    }
}
