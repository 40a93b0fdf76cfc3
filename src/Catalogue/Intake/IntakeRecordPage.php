<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\Connection;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\FieldPairView;
use TinLantern\Catalogue\Matching\LikenessPartView;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Matching\Likeness;
use TinLantern\Platform\Problem\NotFound;

/**
 * Reads the records of a file as they are shown.
 */
final readonly class IntakeRecordPage
{
    private const COLUMNS = 'r.place, r.kind, r.title, r.problem, r.match_id, r.matched_on, r.likeness, r.same_as, r.choice, o.outcome, o.record_id, o.told';
    private const FROM = 'intake_record r LEFT JOIN intake_outcome o ON o.intake_id = r.intake_id AND o.place = r.place WHERE r.intake_id = :intake';

    public function __construct(private Connection $connection, private Records $records, private Intakes $intakes)
    {
    }

    public function list(int $intakeId, IntakeRecordQuery $query): IntakeRecordListView
    {
        $kind = $query->filter['kind'] ?? '';
        $narrowed = match ($kind) {
            '' => '',
            // New, but something like it is there.
            'near' => " AND r.kind = 'new' AND r.match_id IS NOT NULL",
            'remarked' => ' AND '.IntakeReports::REMARKED_ON,
            default => ' AND r.kind = :kind',
        };
        /** @var list<array{place: int, kind: string, title: string, problem: string, match_id: int|null, matched_on: string|null, likeness: string|null, same_as: int|null, choice: string|null, outcome: string|null, record_id: int|null, told: string|null}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT '.self::COLUMNS.' FROM '.self::FROM.$narrowed.' AND r.place > :after ORDER BY r.place LIMIT '.($query->limit + 1),
            ['intake' => $intakeId, 'after' => $query->after] + (str_contains($narrowed, ':kind') ? ['kind' => $kind] : []),
        );
        $lines = array_map(self::line(...), \array_slice($rows, 0, $query->limit));

        return new IntakeRecordListView($lines, \count($rows) > $query->limit ? $lines[$query->limit - 1]->place : null);
    }

    public function of(int $intakeId, int $place): IntakeRecordView
    {
        /** @var array{place: int, kind: string, title: string, problem: string, match_id: int|null, matched_on: string|null, likeness: string|null, same_as: int|null, choice: string|null, outcome: string|null, record_id: int|null, told: string|null, marc: string|null, raw: string|null}|false $row */
        $row = $this->connection->fetchAssociative('SELECT '.self::COLUMNS.', r.marc, r.raw FROM '.self::FROM.' AND r.place = :place', ['intake' => $intakeId, 'place' => $place]);
        if (false === $row) {
            throw NotFound::of('record of this file at place', $place);
        }
        $theirs = null === $row['marc'] ? null : PreparedRecord::of(LineText::parse($row['marc']), $this->intakes->get($intakeId)->options)->whole();
        $own = $this->own($intakeId, $row['match_id'], $row['same_as']);
        $likeness = null === $own || null === $theirs ? null : Likeness::between(DescribedRecord::of($theirs)->facts(), DescribedRecord::of($own)->facts());

        return new IntakeRecordView(
            self::line($row),
            null === $row['raw'] ? null : BrokenRecords::shown($row['raw']),
            null === $own ? null : DescribedRecord::of($own)->brief->title,
            null === $likeness ? [] : LikenessPartView::of($likeness),
            null === $theirs ? [] : (null === $own ? self::alone($theirs) : FieldPairView::between($own, $theirs)),
        );
    }

    private function own(int $intakeId, ?int $recordId, ?int $earlierPlace): ?MarcRecord
    {
        if (null !== $recordId) {
            return $this->records->marc($recordId);
        }
        $earlier = null === $earlierPlace ? null : $this->connection->fetchOne('SELECT marc FROM intake_record WHERE intake_id = ? AND place = ?', [$intakeId, $earlierPlace]);

        return \is_string($earlier) ? LineText::parse($earlier) : null;
    }

    /** @return list<FieldPairView> */
    private static function alone(MarcRecord $record): array
    {
        return array_map(static fn (string $line): FieldPairView => new FieldPairView(substr($line, 0, 3), null, $line, false), explode("\n", LineText::write($record)));
    }

    /** @param array{place: int, kind: string, title: string, problem: string, match_id: int|null, matched_on: string|null, likeness: string|null, same_as: int|null, choice: string|null, outcome: string|null, record_id: int|null, told: string|null, ...} $row */
    private static function line(array $row): IntakeRecordLineView
    {
        return new IntakeRecordLineView(
            $row['place'],
            $row['kind'],
            $row['title'],
            [...('' === $row['problem'] ? [] : explode("\n", $row['problem'])), ...IntakeReports::sentences($row['told'])],
            $row['match_id'],
            $row['matched_on'],
            null === $row['likeness'] ? null : (float) $row['likeness'],
            $row['same_as'],
            $row['choice'],
            $row['outcome'],
            $row['record_id'],
        );
    }
}
