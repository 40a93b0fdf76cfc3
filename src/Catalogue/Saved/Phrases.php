<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Saved;

use Doctrine\DBAL\Connection;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;

/**
 * Short texts for fields that a cataloguer keeps, to be put in again.
 */
final readonly class Phrases
{
    public function __construct(private Connection $connection, private Transaction $transaction)
    {
    }

    /** @return list<PhraseView> one's own, by tag and text */
    public function of(Actor $actor): array
    {
        return $this->read('staff_id = ?', [$actor->staffId]);
    }

    /** Keeps a phrase; one that is kept already stays as it is. */
    public function keep(PhraseForm $form, Actor $actor): PhraseView
    {
        return $this->transaction->once($form->id, $form, PhraseView::class, function () use ($form, $actor): PhraseView {
            $key = [$actor->staffId, $form->tag, hash('sha256', trim($form->text))];
            $this->connection->executeStatement('INSERT IGNORE INTO saved_phrase (staff_id, tag, text_hash, text) VALUES (?, ?, ?, ?)', [...$key, trim($form->text)]);

            return $this->read('staff_id = ? AND tag = ? AND text_hash = ?', $key)[0];
        });
    }

    /** Forgets one's own phrase; forgetting it twice is harmless. */
    public function forget(int $id, Actor $actor): void
    {
        $this->connection->executeStatement('DELETE FROM saved_phrase WHERE id = ? AND staff_id = ?', [$id, $actor->staffId]);
    }

    /**
     * @param list<int|string|null> $values
     *
     * @return list<PhraseView>
     */
    private function read(string $condition, array $values): array
    {
        /** @var list<array{id: int, tag: string, text: string}> $rows */
        $rows = $this->connection->fetchAllAssociative("SELECT id, tag, text FROM saved_phrase WHERE {$condition} ORDER BY tag, text LIMIT 500", $values);

        return array_map(static fn (array $row): PhraseView => new PhraseView($row['id'], $row['tag'], $row['text']), $rows);
    }
}
