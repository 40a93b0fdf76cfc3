<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Psr\Log\LoggerInterface;
use TinLantern\Platform\Database\BulkInsert;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Json;

/**
 * Documents on their way to an outside engine. They are laid here in the act's own transaction and delivered right after it; what cannot
 * be delivered waits, and goes with the next round. Whoever delivers holds the rows meanwhile, so that no older document overtakes a newer one.
 */
final readonly class SearchOutbox
{
    private const AT_ONCE = 500;

    public function __construct(private Connection $connection, private Transaction $transaction, private SphinxConnection $engine, private LoggerInterface $logger)
    {
    }

    /** @param list<SearchDocument> $documents */
    public function put(array $documents): void
    {
        $rows = [];
        foreach ($documents as $document) {
            $rows[$document->recordId] = Json::encode($this->row($document));
        }
        $this->lay($rows);
    }

    /** @param list<int> $recordIds */
    public function remove(array $recordIds): void
    {
        $this->lay(array_fill_keys($recordIds, null));
    }

    /**
     * Delivers everything that waits.
     *
     * @return int how many documents
     *
     * @throws SearchIsAway
     */
    public function deliverAll(): int
    {
        $delivered = 0;
        do {
            $ids = array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $this->connection->fetchFirstColumn('SELECT record_id FROM search_outbox ORDER BY record_id LIMIT '.self::AT_ONCE));
            $this->deliver($ids);
            $delivered += \count($ids);
        } while (self::AT_ONCE === \count($ids));

        return $delivered;
    }

    /** @param array<int, string|null> $rows documents by record id; null takes one out */
    private function lay(array $rows): void
    {
        if ([] === $rows) {
            return;
        }
        ksort($rows);
        BulkInsert::run($this->connection, 'REPLACE INTO search_outbox (record_id, document)', array_map(null, array_keys($rows), array_values($rows)));
        $ids = array_keys($rows);
        $this->transaction->afterwards(function () use ($ids): void {
            try {
                foreach (array_chunk($ids, self::AT_ONCE) as $chunk) {
                    $this->deliver($chunk);
                }
            } catch (SearchIsAway) {
                $this->logger->warning('The search engine is away; {count} documents wait for it.', ['count' => \count($ids)]);
            }
        });
    }

    /** @param list<int> $ids */
    private function deliver(array $ids): void
    {
        if ([] === $ids) {
            return;
        }
        $this->transaction->run(function () use ($ids): void {
            /** @var array<int, string|null> $waiting */
            $waiting = $this->connection->fetchAllKeyValue('SELECT record_id, document FROM search_outbox WHERE record_id IN (:ids) ORDER BY record_id FOR UPDATE', ['ids' => $ids], ['ids' => ArrayParameterType::INTEGER]);
            if ([] === $waiting) {
                return;
            }
            $put = array_filter($waiting, is_string(...));
            if ([] !== $put) {
                $this->engine->execute('REPLACE INTO records (id, words, title_key, year, format, language, decade, added_on, branches) VALUES '.implode(',', array_map($this->values(...), $put)));
            }
            $gone = array_keys(array_diff_key($waiting, $put));
            if ([] !== $gone) {
                $this->engine->execute('DELETE FROM records WHERE id IN ('.implode(',', $gone).')');
            }
            $this->connection->executeStatement('DELETE FROM search_outbox WHERE record_id IN (:ids)', ['ids' => array_keys($waiting)], ['ids' => ArrayParameterType::INTEGER]);
        });
    }

    /** @return list<mixed> in the order in which {@see deliver} names the columns */
    private function row(SearchDocument $document): array
    {
        return [
            $document->recordId, $document->words, $document->titleKey, $document->year ?? 0, $document->format, $document->language, $document->decade ?? 0,
            SphinxSearchIndex::day($document->addedOn), $document->branches,
        ];
    }

    private function values(string $document): string
    {
        $row = json_decode($document, true, 4, \JSON_THROW_ON_ERROR);
        \assert(\is_array($row));

        return '('.implode(',', array_map(fn (mixed $value): string => match (true) {
            \is_array($value) => '('.implode(',', array_filter($value, is_int(...))).')',
            \is_int($value) => (string) $value,
            default => $this->engine->quote(\is_string($value) ? $value : ''),
        }, $row)).')';
    }
}
