<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\Lazy;
use Symfony\Component\Serializer\SerializerInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\NotFound;

/**
 * The running strip of what a desk did. Kept with the acts themselves, so that a reload of the page loses nothing.
 */
final readonly class Tape
{
    private const LINES = 80;
    private const HOURS = 14;

    public function __construct(private Connection $connection, private ClockInterface $clock, #[Lazy] private SerializerInterface $serializer)
    {
    }

    public function write(ScanView $view, Actor $actor): void
    {
        $this->connection->insert('tape_line', [
            'act_id' => strtolower($view->id),
            'branch_id' => $actor->branchId,
            'desk' => $actor->desk,
            'at' => $this->clock->now()->format('Y-m-d H:i:s.v'),
            'line' => Json::encode($view),
            'journal_entry_id' => $view->journalEntry,
            'needs_hand' => (int) $view->waits,
        ]);
    }

    /** @return list<TapeLineView> of this desk's day, newest first; lines that need a hand stay until they are settled */
    public function of(Actor $actor): array
    {
        /** @var list<array{line: string, taken_back: int, waits: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT t.line, j.taken_back_by IS NOT NULL AS taken_back, t.needs_hand = 1 AND t.settled_at IS NULL AS waits
             FROM tape_line t LEFT JOIN journal_entry j ON j.id = t.journal_entry_id
             WHERE t.branch_id = ? AND t.desk = ? AND t.at > ? ORDER BY t.id DESC LIMIT '.self::LINES,
            [$actor->branchId, $actor->desk, $this->clock->now()->modify(\sprintf('-%d hours', self::HOURS))->format('Y-m-d H:i:s')],
        );

        return array_map(fn (array $row): TapeLineView => new TapeLineView(
            $this->serializer->deserialize($row['line'], ScanView::class, 'json'),
            1 === $row['taken_back'],
            1 === $row['waits'] && 1 !== $row['taken_back'],
        ), $rows);
    }

    /** Somebody did what the line asked for. */
    public function settle(string $actId, Actor $actor): void
    {
        $known = $this->connection->fetchOne('SELECT 1 FROM tape_line WHERE act_id = ? AND branch_id = ?', [strtolower($actId), $actor->branchId]);
        if (false === $known) {
            throw NotFound::of('tape line', $actId);
        }
        $this->connection->executeStatement('UPDATE tape_line SET settled_at = COALESCE(settled_at, ?) WHERE act_id = ?', [$this->clock->now()->format('Y-m-d H:i:s'), strtolower($actId)]);
    }
}
