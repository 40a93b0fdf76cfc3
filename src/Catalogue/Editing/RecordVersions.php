<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\FieldPairView;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Platform\Problem\NotFound;

/**
 * Reads what a record was before.
 */
final readonly class RecordVersions
{
    public function __construct(private Connection $connection, private Records $records)
    {
    }

    /** @return list<VersionView> the newest first */
    public function of(int $recordId): array
    {
        /** @var list<array{version: int, made_at: string, made_by: string, cause: string, is_current: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT version, changed_at AS made_at, changed_by AS made_by, cause, 1 AS is_current FROM record WHERE id = :id
             UNION ALL SELECT version, made_at, made_by, cause, 0 FROM record_version WHERE record_id = :id ORDER BY version DESC',
            ['id' => $recordId],
        );

        return array_map(static fn (array $row): VersionView => new VersionView($row['version'], new \DateTimeImmutable($row['made_at']), $row['made_by'], $row['cause'], 1 === $row['is_current']), $rows);
    }

    /** @return list<FieldPairView> an earlier version on the left, how it is now on the right */
    public function beside(int $recordId, int $version): array
    {
        $now = $this->records->marc($recordId) ?? throw NotFound::of('record', $recordId);
        $earlier = $this->records->version($recordId, $version) ?? throw NotFound::of('version', $version);

        return FieldPairView::between($earlier->marc(), $now);
    }
}
