<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Saved;

use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\NotFound;

/**
 * Searches that people keep, for themselves or for all. A search saved under a name that one has already takes its place.
 */
final readonly class SavedSearches
{
    public function __construct(private Connection $connection, private Transaction $transaction, private ClockInterface $clock)
    {
    }

    /** @return list<SavedSearchView> one's own and those that are shared, by name */
    public function of(Actor $actor): array
    {
        return $this->read('(s.staff_id = :staff OR s.is_shared = 1)', ['staff' => $actor->staffId], $actor);
    }

    public function save(SavedSearchForm $form, Actor $actor): SavedSearchView
    {
        return $this->transaction->once($form->id, $form, SavedSearchView::class, function () use ($form, $actor): SavedSearchView {
            $this->connection->executeStatement(
                'INSERT INTO saved_search (staff_id, name, question, is_shared, saved_at) VALUES (:staff, :name, :question, :shared, :now)
                 ON DUPLICATE KEY UPDATE question = VALUES(question), is_shared = VALUES(is_shared), saved_at = VALUES(saved_at)',
                ['staff' => $actor->staffId, 'name' => trim($form->name), 'question' => $form->question, 'shared' => (int) $form->isShared, 'now' => $this->clock->now()->format('Y-m-d H:i:s')],
            );

            return $this->read('s.staff_id = :staff AND s.name = :name', ['staff' => $actor->staffId, 'name' => trim($form->name)], $actor)[0];
        });
    }

    /** Forgets one's own search; forgetting it twice is harmless. */
    public function forget(int $id, Actor $actor): void
    {
        $gone = $this->connection->executeStatement('DELETE FROM saved_search WHERE id = ? AND staff_id = ?', [$id, $actor->staffId]);
        if (0 === (int) $gone && false !== $this->connection->fetchOne('SELECT 1 FROM saved_search WHERE id = ?', [$id])) {
            throw new NotFound('not-yours', 'This search belongs to somebody else, so it stays.');
        }
    }

    /**
     * @param array<string, int|string|null> $values
     *
     * @return list<SavedSearchView>
     */
    private function read(string $condition, array $values, Actor $actor): array
    {
        /** @var list<array{id: int, name: string, question: string, is_shared: int, staff_id: int, by: string}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT s.id, s.name, s.question, s.is_shared, s.staff_id, f.name AS `by` FROM saved_search s JOIN staff f ON f.id = s.staff_id WHERE {$condition} ORDER BY s.name, s.id LIMIT 200",
            $values,
        );

        return array_map(static fn (array $row): SavedSearchView => new SavedSearchView($row['id'], $row['name'], $row['question'], 1 === $row['is_shared'], $row['staff_id'] === $actor->staffId, $row['by']), $rows);
    }
}
