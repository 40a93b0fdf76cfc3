<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\Connection;
use TinLantern\Platform\Json;

/**
 * Reads what became of a file.
 */
final readonly class IntakeReports
{
    /** Of an intake_record r and its intake_outcome o: is something said about one that is not broken, left out or there twice? */
    public const REMARKED_ON = "(o.told IS NOT NULL OR (r.problem <> '' AND r.kind IN ('new', 'match')))";
    private const LISTED = 10_000;

    public function __construct(private Connection $connection, private Intakes $intakes)
    {
    }

    public function counts(int $intakeId): IntakeCounts
    {
        $kinds = $this->grouped('SELECT kind, COUNT(*) FROM intake_record WHERE intake_id = ? GROUP BY kind', $intakeId);
        $outcomes = $this->grouped('SELECT outcome, COUNT(*) FROM intake_outcome WHERE intake_id = ? GROUP BY outcome', $intakeId);
        /** @var array{items: int, state: string} $intake */
        $intake = $this->connection->fetchAssociative('SELECT items, state FROM intake WHERE id = ?', [$intakeId]);
        $of = static fn (ComparedKind $kind): int => $kinds[$kind->value] ?? 0;
        $became = static fn (Outcome $outcome): int => $outcomes[$outcome->value] ?? 0;

        return new IntakeCounts(
            array_sum($kinds),
            $of(ComparedKind::Fresh),
            $of(ComparedKind::Match),
            $of(ComparedKind::Again),
            $of(ComparedKind::Broken),
            $of(ComparedKind::Unfit),
            $became(Outcome::Added),
            $became(Outcome::Replaced),
            $became(Outcome::Merged),
            $became(Outcome::Items),
            $became(Outcome::Skipped) + $of(ComparedKind::Unfit),
            $intake['items'],
            ...$this->lookedInto($intakeId, $intake['state']),
        );
    }

    public function of(int $intakeId): IntakeReport
    {
        $intake = $this->intakes->get($intakeId);
        $counts = $this->counts($intakeId);
        $problems = $this->problems($intakeId);
        $codes = $this->connection->fetchOne('SELECT unknown_codes FROM intake WHERE id = ?', [$intakeId]);

        return new IntakeReport(
            $intakeId,
            $intake->fileName,
            $intake->state->value,
            $counts->read,
            $counts->new,
            $counts->matched,
            $counts->again,
            $counts->failed,
            $counts->added,
            $counts->replaced,
            $counts->merged,
            $counts->itemsOnly,
            $counts->skipped,
            $counts->items,
            \array_slice($problems, 0, self::LISTED),
            max(0, \count($problems) - self::LISTED),
            array_values(array_filter(Json::decodeObject(\is_string($codes) ? $codes : null), \is_string(...))),
        );
    }

    /** @return list<LeftRecord> what taking back has left as it is */
    public function left(int $intakeId): array
    {
        /** @var list<array{record: int, title: string, because: string}> $left */
        $left = $this->connection->fetchAllAssociative(
            'SELECT o.record_id AS record, MIN(r.title) AS title, MAX(o.left_because) AS because FROM intake_outcome o JOIN intake_record r ON r.intake_id = o.intake_id AND r.place = o.place
             WHERE o.intake_id = ? AND o.left_because IS NOT NULL GROUP BY o.record_id ORDER BY o.record_id LIMIT '.self::LISTED,
            [$intakeId],
        );

        return array_map(static fn (array $row): LeftRecord => new LeftRecord($row['record'], $row['title'], $row['because']), $left);
    }

    /** @return list<IntakeProblem> in the order of the file */
    private function problems(int $intakeId): array
    {
        $problems = [];
        $rows = $this->connection->iterateAssociative(
            "SELECT place, kind, problem, NULL AS told FROM intake_record WHERE intake_id = :id AND problem <> ''
             UNION ALL SELECT place, outcome, '', told FROM intake_outcome WHERE intake_id = :id AND told IS NOT NULL ORDER BY place",
            ['id' => $intakeId],
        );
        /** @var array{place: int, kind: string, problem: string, told: string|null} $row */
        foreach ($rows as $row) {
            foreach (null === $row['told'] ? explode("\n", $row['problem']) : [] as $line => $sentence) {
                $kind = match ($row['kind']) {
                    'broken' => 'failed',
                    'unfit' => 'skipped',
                    'again' => 0 === $line ? 'again' : 'remark',
                    default => 'remark',
                };
                $problems[] = new IntakeProblem($row['place'], $kind, $sentence);
            }
            foreach (self::told($row['told']) as [$kind, $sentence]) {
                $problems[] = new IntakeProblem($row['place'], $kind, $sentence);
            }
        }

        return $problems;
    }

    /** @return list<string> what was said when a record was taken in */
    public static function sentences(?string $told): array
    {
        return array_column(self::told($told), 1);
    }

    /** @return list<array{string, string}> kinds and sentences */
    private static function told(?string $told): array
    {
        $said = [];
        foreach (Json::decodeObject($told) as $line) {
            [$kind, $sentence] = explode(' ', \is_string($line) ? $line : '', 2) + [1 => ''];
            $said[] = [$kind, $sentence];
        }

        return $said;
    }

    /** @return array{int, int} how many have something said about them, and to how many new ones something is like; nobody looks for that while the file is worked on */
    private function lookedInto(int $intakeId, string $state): array
    {
        if (\in_array($state, [IntakeState::Comparing->value, IntakeState::TakingIn->value, IntakeState::TakingBack->value], true)) {
            return [0, 0];
        }
        $counts = $this->connection->fetchNumeric(
            'SELECT COALESCE(SUM('.self::REMARKED_ON."), 0), COALESCE(SUM(r.kind = 'new' AND r.match_id IS NOT NULL), 0)
             FROM intake_record r LEFT JOIN intake_outcome o ON o.intake_id = r.intake_id AND o.place = r.place WHERE r.intake_id = ?",
            [$intakeId],
        );

        return array_map(static fn (mixed $count): int => is_numeric($count) ? (int) $count : 0, [$counts[0] ?? 0, $counts[1] ?? 0]);
    }

    /** @return array<string, int> */
    private function grouped(string $sql, int $intakeId): array
    {
        $counts = [];
        /** @var string $name */
        foreach ($this->connection->iterateKeyValue($sql, [$intakeId]) as $name => $count) {
            $counts[$name] = is_numeric($count) ? (int) $count : 0;
        }

        return $counts;
    }
}
