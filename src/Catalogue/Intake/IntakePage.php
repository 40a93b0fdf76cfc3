<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\Connection;
use TinLantern\Core\Tabular\ColumnMapping;
use TinLantern\Platform\Background\BackgroundTasks;
use TinLantern\Platform\Json;

/**
 * Reads intakes as they are shown.
 */
final readonly class IntakePage
{
    public function __construct(private Connection $connection, private Intakes $intakes, private IntakeReports $reports, private BackgroundTasks $tasks)
    {
    }

    public function of(int $id): IntakeView
    {
        $intake = $this->intakes->get($id);
        $options = $intake->options;
        $headings = $this->headings($intake);
        /** @var array{unknown_codes: string|null, compared_at: string|null, come_since: int, earlier: int|null} $row */
        $row = $this->connection->fetchAssociative(
            "SELECT i.unknown_codes, i.compared_at, (SELECT COUNT(*) FROM record r WHERE i.state = 'compared' AND r.created_at > i.compared_at) AS come_since,
                (SELECT MAX(e.id) FROM intake e WHERE e.content_hash = i.content_hash AND e.id < i.id AND e.state = 'taken-in') AS earlier FROM intake i WHERE i.id = ?",
            [$id],
        );

        return new IntakeView(
            $id,
            $intake->fileName,
            $intake->format->value,
            $intake->state->value,
            $intake->staffName,
            new \DateTimeImmutable($intake->begunAt),
            null === $row['compared_at'] ? null : new \DateTimeImmutable($row['compared_at']),
            null === $intake->endedAt ? null : new \DateTimeImmutable($intake->endedAt),
            new IntakeChoices('', $options->matchRule, $options->onMatch->value, $options->onNew->value, $options->mapping->written(), $options->defaults->branch, $options->defaults->location, $options->defaults->lendingClass, $options->keptFields, $options->columns, $options->defaults->preset, $options->treatment->tidyRules, $options->treatment->worksheet),
            $headings,
            $options->columns ?? ColumnMapping::guessed($headings)->written(),
            $this->reports->counts($id),
            $row['come_since'],
            $row['earlier'],
            array_values(array_filter(Json::decodeObject($row['unknown_codes']), \is_string(...))),
            $intake->is(IntakeState::TakenBack) ? $this->reports->left($id) : [],
            $this->tasks->about($id, CompareWork::kind(), TakeInWork::kind(), TakeBackWork::kind()),
        );
    }

    /** The newest first; those that were put away only when they are asked for. */
    public function list(IntakeQuery $query): IntakeListView
    {
        $state = IntakeState::PutAway->value;
        /** @var list<array{id: int, file_name: string, format: string, state: string, staff_name: string, begun_at: string, records_read: int, items: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT id, file_name, format, state, staff_name, begun_at, records_read, items FROM intake WHERE state '.($query->wantsPutAway() ? '=' : '<>').' :state AND id < :before ORDER BY id DESC LIMIT '.($query->limit + 1),
            ['state' => $state, 'before' => $query->after ?? \PHP_INT_MAX],
        );
        $lines = array_map(static fn (array $row): IntakeLineView => new IntakeLineView(
            $row['id'],
            $row['file_name'],
            $row['format'],
            $row['state'],
            $row['staff_name'],
            new \DateTimeImmutable($row['begun_at']),
            $row['records_read'],
            $row['items'],
        ), \array_slice($rows, 0, $query->limit));
        $putAway = $this->connection->fetchOne('SELECT COUNT(*) FROM intake WHERE state = ?', [$state]);

        return new IntakeListView($lines, \count($rows) > $query->limit ? $lines[$query->limit - 1]->id : null, is_numeric($putAway) ? (int) $putAway : 0);
    }

    /** @return list<string> */
    private function headings(BegunIntake $intake): array
    {
        if (null === $intake->path || !$intake->format->isSheet() || !is_file($intake->path)) {
            return [];
        }

        return RecordFile::open($intake->path, $intake->fileName)->headings();
    }
}
