<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Psr\Clock\ClockInterface;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Which files were taken in, and how far each has come: what lets a killed intake go on where it was.
 */
final readonly class Intakes
{
    public function __construct(private Connection $connection, private ClockInterface $clock)
    {
    }

    /** The intake of this very content with these options: a new one, or the one that was begun before and not taken back since. */
    public function begin(RecordFile $file, IntakeOptions $options, Actor $actor): BegunIntake
    {
        $hash = $file->contentHash();
        if (!$options->again) {
            /** @var array<int, string> $earlier */
            $earlier = $this->connection->fetchAllKeyValue("SELECT id, options FROM intake WHERE content_hash = ? AND state NOT IN ('received', 'taking-back', 'taken-back', 'put-away') ORDER BY id DESC", [$hash]);
            foreach ($earlier as $id => $written) {
                if (IntakeOptions::read($written)->areLike($options)) {
                    return $this->get($id);
                }
            }
        }

        return $this->add($file, $hash, $options, IntakeState::Comparing, $actor);
    }

    /** A file that has come, to be compared when somebody says how. */
    public function receive(RecordFile $file, IntakeOptions $options, Actor $actor): BegunIntake
    {
        return $this->add($file, $file->contentHash(), $options, IntakeState::Received, $actor);
    }

    /**
     * What the columns of an earlier spreadsheet with the same headings were said to mean.
     *
     * @return array<string, string>|null a target by heading
     */
    public function rememberedColumns(RecordFile $file): ?array
    {
        $options = $this->connection->fetchFirstColumn("SELECT options FROM intake WHERE headings = ? AND state <> 'received' ORDER BY id DESC LIMIT 10", [$file->headingsHash()]);
        foreach ($options as $written) {
            $columns = IntakeOptions::read(\is_string($written) ? $written : '')->columns;
            if (null !== $columns) {
                return $columns;
            }
        }

        return null;
    }

    /** @throws Conflict when it is too late for that */
    public function choose(int $id, IntakeOptions $options, IntakeState $when): void
    {
        if (1 !== (int) $this->connection->executeStatement('UPDATE intake SET options = ? WHERE id = ? AND state = ?', [$options->written(), $id, $when->value]) && $this->get($id)->state !== $when) {
            throw self::isElsewhere();
        }
    }

    /**
     * A file that is in the catalogue with nothing yet is compared from its first record, in this way; what was found and chosen before is
     * forgotten.
     *
     * @throws Conflict when it is too late for that
     */
    public function beginAnew(int $id, IntakeOptions $options): void
    {
        $begun = $this->connection->executeStatement(
            "UPDATE intake SET options = ?, state = 'comparing', records_read = 0, compared_at = NULL, unknown_codes = NULL WHERE id = ? AND state IN ('received', 'compared') AND done_to = 0",
            [$options->written(), $id],
        );
        if (1 !== (int) $begun) {
            throw self::isElsewhere();
        }
    }

    private function add(RecordFile $file, string $hash, IntakeOptions $options, IntakeState $state, Actor $actor): BegunIntake
    {
        $this->connection->insert('intake', [
            'file_name' => mb_substr($file->name, 0, 255),
            'content_hash' => $hash,
            'format' => $file->format->value,
            'options' => $options->written(),
            'state' => $state->value,
            'path' => $file->path,
            'headings' => $file->headingsHash(),
            'staff_name' => $actor->name,
            'begun_at' => $this->now(),
        ]);

        return $this->get((int) $this->connection->lastInsertId());
    }

    public function get(int $id): BegunIntake
    {
        /** @var array{file_name: string, path: string|null, options: string, state: string, records_read: int, done_to: int, begun_at: string, staff_name: string, format: string, compared_at: string|null, ended_at: string|null}|false $row */
        $row = $this->connection->fetchAssociative('SELECT file_name, path, options, state, records_read, done_to, begun_at, staff_name, format, compared_at, ended_at FROM intake WHERE id = ?', [$id]);
        if (false === $row) {
            throw NotFound::of('intake', $id);
        }

        return new BegunIntake($id, $row['file_name'], $row['path'], IntakeOptions::read($row['options']), IntakeState::from($row['state']), $row['records_read'], $row['done_to'], $row['begun_at'], $row['staff_name'], FileFormat::from($row['format']), null !== $row['compared_at'], $row['ended_at']);
    }

    /** Does the file still stand where it stood, as it was? */
    public function isUnchanged(int $id, string $path): bool
    {
        return RecordFile::hashOf($path) === $this->connection->fetchOne('SELECT content_hash FROM intake WHERE id = ?', [$id]);
    }

    /**
     * Notes how far comparing will have come, first of all in the transaction that brings it there. Whoever compares the same file at
     * the same moment waits here, and is then refused.
     *
     * @throws Conflict
     */
    public function goOnComparing(int $id, int $from, int $to): void
    {
        $this->goOn("UPDATE intake SET records_read = :to WHERE id = :id AND records_read = :from AND state = 'comparing'", $id, $from, $to);
    }

    /** @throws Conflict */
    public function goOnTakingIn(int $id, int $from, int $to): void
    {
        $this->goOn("UPDATE intake SET done_to = :to, state = 'taking-in' WHERE id = :id AND done_to = :from AND state IN ('compared', 'taking-in')", $id, $from, $to);
    }

    /**
     * The same for comparing and taking in at once.
     *
     * @throws Conflict
     */
    public function goOnDirectly(int $id, int $from, int $to): void
    {
        $this->goOn("UPDATE intake SET records_read = :to, done_to = :to, state = 'taking-in' WHERE id = :id AND records_read = :from AND done_to = :from AND state IN ('comparing', 'taking-in')", $id, $from, $to);
    }

    public function count(int $id, int $items): void
    {
        $this->connection->executeStatement('UPDATE intake SET items = items + ? WHERE id = ?', [$items, $id]);
    }

    /** @param array<string, string> $sentences for codes that the house does not know */
    public function noteUnknownCodes(int $id, array $sentences): void
    {
        if ([] !== $sentences) {
            $known = Json::decodeObject($this->unknownCodes($id));
            $this->connection->update('intake', ['unknown_codes' => Json::encode($known + $sentences)], ['id' => $id]);
        }
    }

    /** Moves on to $state, from one of those that come before it. */
    public function reach(int $id, IntakeState $state, IntakeState ...$from): void
    {
        $times = match ($state) {
            IntakeState::Received => ', ended_at = NULL',
            IntakeState::Compared => ', compared_at = :now, ended_at = NULL',
            IntakeState::TakenIn, IntakeState::PutAway => ', ended_at = :now',
            IntakeState::TakenBack => ', taken_back_at = :now',
            default => '',
        };
        $moved = $this->connection->executeStatement(
            "UPDATE intake SET state = :state{$times} WHERE id = :id AND state IN (:from)",
            ['state' => $state->value, 'now' => $this->now(), 'id' => $id, 'from' => array_column($from, 'value')],
            ['from' => ArrayParameterType::STRING],
        );
        if (1 !== (int) $moved) {
            throw self::isElsewhere();
        }
    }

    /** @throws Conflict */
    private function goOn(string $statement, int $id, int $from, int $to): void
    {
        if (1 !== (int) $this->connection->executeStatement($statement, ['id' => $id, 'from' => $from, 'to' => $to])) {
            throw self::isElsewhere();
        }
    }

    private static function isElsewhere(): Conflict
    {
        return new Conflict('intake-running', 'This file is being worked on by somebody else at this moment. What they have done stays; look at theirs.');
    }

    private function unknownCodes(int $id): ?string
    {
        $codes = $this->connection->fetchOne('SELECT unknown_codes FROM intake WHERE id = ?', [$id]);

        return \is_string($codes) ? $codes : null;
    }

    private function now(): string
    {
        return $this->clock->now()->format('Y-m-d H:i:s');
    }
}
