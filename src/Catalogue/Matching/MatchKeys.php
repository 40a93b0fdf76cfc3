<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Matching;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Matching\MatchFacts;
use TinLantern\Platform\Database\BulkInsert;

/**
 * The keys by which records are known again, derived from the records.
 */
final readonly class MatchKeys
{
    /** Of records that share one key, no more than this many are compared: a key that common says little. */
    private const COMPARED = 20;

    public function __construct(private Connection $connection)
    {
    }

    /**
     * @param array<int, MatchFacts> $facts  by record id
     * @param bool                   $areNew whether the records had no keys before
     */
    public function put(array $facts, bool $areNew): void
    {
        if (!$areNew && [] !== $facts) {
            $this->connection->executeStatement('DELETE FROM match_key WHERE record_id IN (:ids)', ['ids' => array_keys($facts)], ['ids' => ArrayParameterType::INTEGER]);
        }
        $rows = [];
        foreach ($facts as $id => $ofRecord) {
            foreach (array_unique($ofRecord->keys()) as $key) {
                $rows[] = [$key, $id];
            }
        }
        BulkInsert::run($this->connection, 'INSERT INTO match_key (value, record_id)', $rows);
    }

    /**
     * The records that have one of these keys.
     *
     * @param list<string> $keys
     * @param int|null     $butOfIntake leaves out records that this intake has added
     *
     * @return array<string, list<int>> record ids by key
     */
    public function holders(array $keys, ?int $butOfIntake = null): array
    {
        $holders = [];
        if ([] !== $keys) {
            $rows = $this->connection->iterateAssociative(
                'SELECT k.value, k.record_id FROM match_key k'.(null === $butOfIntake ? '' : ' JOIN record r ON r.id = k.record_id AND NOT (r.intake_id <=> :intake)').' WHERE k.value IN (:keys) ORDER BY k.value, k.record_id',
                ['keys' => array_values(array_unique($keys)), 'intake' => $butOfIntake],
                ['keys' => ArrayParameterType::STRING],
            );
            /** @var array{value: string, record_id: int} $row */
            foreach ($rows as $row) {
                if (\count($holders[$row['value']] ?? []) < self::COMPARED) {
                    $holders[$row['value']][] = $row['record_id'];
                }
            }
        }

        return $holders;
    }

    /**
     * @param list<int> $recordIds
     *
     * @return array<int, MatchFacts> by record id
     */
    public function facts(array $recordIds): array
    {
        $facts = [];
        if ([] !== $recordIds) {
            $rows = $this->connection->iterateKeyValue(
                'SELECT id, marc FROM record WHERE id IN (:ids)',
                ['ids' => array_values(array_unique($recordIds))],
                ['ids' => ArrayParameterType::INTEGER],
            );
            /** @var int $id */
            foreach ($rows as $id => $marc) {
                $facts[$id] = self::factsOf(LineText::parse(\is_string($marc) ? $marc : ''));
            }
        }

        return $facts;
    }

    public static function factsOf(MarcRecord $record): MatchFacts
    {
        return MatchFacts::of($record, BriefDescription::of($record));
    }
}
