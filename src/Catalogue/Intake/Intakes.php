<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Platform\Problem\Conflict;

/**
 * Which files were taken in, and how far each has come: what lets a killed intake go on where it was.
 */
final readonly class Intakes
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /** The intake of this very content with these options: a new one, or the one that was begun before. */
    public function begin(MarcFile $file, IntakeOptions $options): BegunIntake
    {
        $hash = $file->contentHash();
        if (!$options->again) {
            /** @var array{id: int, records_read: int, begun_at: string, ended_at: string|null}|false $row */
            $row = $this->connection->fetchAssociative(
                'SELECT id, records_read, begun_at, ended_at FROM intake WHERE content_hash = ? AND options = ? ORDER BY id DESC LIMIT 1',
                [$hash, $options->written()],
            );
            if (false !== $row) {
                return new BegunIntake($row['id'], $row['records_read'], null === $row['ended_at'] ? null : $row['begun_at']);
            }
        }
        $this->connection->insert('intake', [
            'file_name' => mb_substr(basename($file->path), 0, 255),
            'content_hash' => $hash,
            'options' => $options->written(),
            'begun_at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ]);

        return new BegunIntake((int) $this->connection->lastInsertId(), 0, null);
    }

    /**
     * Notes how far it will have come, first of all in the transaction that brings it there. Whoever takes in the same file at the same
     * moment waits here, and is then refused.
     *
     * @throws Conflict
     */
    public function goOn(int $id, int $from, int $to): void
    {
        if (1 !== (int) $this->connection->executeStatement('UPDATE intake SET records_read = ? WHERE id = ? AND records_read = ? AND ended_at IS NULL', [$to, $id, $from])) {
            throw new Conflict('intake-running', 'This file is being taken in by somebody else at this moment. What they have taken in stays; look at theirs.');
        }
    }

    public function count(int $id, int $added, int $items): void
    {
        $this->connection->executeStatement('UPDATE intake SET added = added + ?, items = items + ? WHERE id = ?', [$added, $items, $id]);
    }

    public function end(int $id): void
    {
        $this->connection->update('intake', ['ended_at' => $this->clock->now()->format('Y-m-d H:i:s')], ['id' => $id]);
    }
}
