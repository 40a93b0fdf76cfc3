<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use Doctrine\DBAL\Connection;

/**
 * Reads loans as shown.
 */
final readonly class LoanPage
{
    public function __construct(private Connection $connection, private \DateTimeZone $houseZone)
    {
    }

    /** @param list<ReasonView> $reasons */
    public function of(int $id, ?int $journalEntry = null, array $reasons = []): LoanView
    {
        return $this->read('l.id = ?', [$id], 1, $journalEntry, $reasons)[0] ?? throw new \LogicException("There is no loan {$id}.");
    }

    /** @return list<LoanView> what a patron has now, first due first */
    public function openOf(int $patronId): array
    {
        return $this->read('l.open_patron_id = ?', [$patronId], 1000);
    }

    /** @return list<LoanView> what a patron had, latest first; $after is the id of the last one shown */
    public function endedOf(int $patronId, ?int $after, int $limit): array
    {
        return $this->read('l.patron_id = ? AND l.returned_at IS NOT NULL AND l.taken_back_at IS NULL AND l.id < ?', [$patronId, $after ?? \PHP_INT_MAX], $limit, null, [], 'l.id DESC');
    }

    /**
     * @param list<int>        $values
     * @param list<ReasonView> $reasons
     *
     * @return list<LoanView>
     */
    private function read(string $condition, array $values, int $limit, ?int $journalEntry = null, array $reasons = [], string $order = 'l.due_at, l.id'): array
    {
        /** @var list<array{id: int, item_id: int, barcode: string, record_id: int, title: string, author: string, prefix: string, call_number: string, patron_id: int, given_name: string, family_name: string, card_number: string, branch: string, lent_at: string, due_at: string, returned_at: string|null, renewals: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            "SELECT l.id, l.item_id, i.barcode, i.record_id, r.title, r.author, i.prefix, i.call_number, l.patron_id, p.given_name, p.family_name, p.card_number,
                b.code AS branch, l.lent_at, l.due_at, l.returned_at, l.renewals
             FROM loan l JOIN item i ON i.id = l.item_id JOIN record r ON r.id = i.record_id JOIN patron p ON p.id = l.patron_id JOIN branch b ON b.id = l.branch_id
             WHERE {$condition} ORDER BY {$order} LIMIT {$limit}",
            $values,
        );

        return array_map(fn (array $row): LoanView => new LoanView(
            $row['id'],
            $row['item_id'],
            $row['barcode'],
            $row['record_id'],
            $row['title'],
            $row['author'],
            trim($row['prefix'].' '.$row['call_number']),
            $row['patron_id'],
            trim($row['given_name'].' '.$row['family_name']),
            $row['card_number'],
            $row['branch'],
            $this->local($row['lent_at']),
            $this->local($row['due_at']),
            null === $row['returned_at'] ? null : $this->local($row['returned_at']),
            $row['renewals'],
            $journalEntry,
            $reasons,
        ), $rows);
    }

    private function local(string $stored): \DateTimeImmutable
    {
        return (new \DateTimeImmutable($stored))->setTimezone($this->houseZone);
    }
}
