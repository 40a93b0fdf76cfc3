<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\Connection;
use TinLantern\Platform\Upkeep\Rhythm;
use TinLantern\Platform\Upkeep\UpkeepWork;

/**
 * Files that went in or were put away long ago: what became of each record stays, and so does the way back; the records as they were sent go, and the file.
 */
final readonly class ForgetOldFiles implements UpkeepWork
{
    private const DAYS_KEPT = 180;
    private const AT_ONCE = 5000;

    public function __construct(private Connection $connection, private string $varDirectory)
    {
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::EachNight;
    }

    public function __invoke(\DateTimeImmutable $now): void
    {
        /** @var list<array{id: int, path: string|null}> $old */
        $old = $this->connection->fetchAllAssociative(
            "SELECT id, path FROM intake WHERE state IN ('taken-in', 'taken-back', 'put-away') AND COALESCE(taken_back_at, ended_at) < ? AND path IS NOT NULL ORDER BY id",
            [$now->modify(\sprintf('-%d days', self::DAYS_KEPT))->format('Y-m-d H:i:s')],
        );
        foreach ($old as $intake) {
            do {
                $emptied = $this->connection->executeStatement('UPDATE intake_record SET marc = NULL, raw = NULL WHERE intake_id = ? AND (marc IS NOT NULL OR raw IS NOT NULL) LIMIT '.self::AT_ONCE, [$intake['id']]);
            } while ($emptied > 0);
            // A file that was sent to us is ours to remove; one that the console read where it lay is not.
            if (str_starts_with((string) $intake['path'], $this->varDirectory.'/intakes/')) {
                @unlink((string) $intake['path']);
            }
            $this->connection->update('intake', ['path' => null], ['id' => $intake['id']]);
        }
    }
}
