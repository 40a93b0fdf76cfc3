<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Symfony\Component\Yaml\Yaml;
use Symfony\Contracts\Service\ResetInterface;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\Conflict;

/**
 * What the house has laid down for its own work, kind by kind. Tin Lantern brings a few entries of each kind
 * (config/house-rules); the house's own stand beside or in place of them.
 */
final class RuleBook implements ResetInterface
{
    /** @var array<string, array<string, Rule>> */
    private array $read = [];

    public function __construct(private readonly Connection $connection, private readonly string $rulesDirectory)
    {
    }

    public function reset(): void
    {
        $this->read = [];
    }

    /** @return array<string, Rule> by code, in their order */
    public function all(string $kind): array
    {
        return $this->read[$kind] ??= $this->read($kind);
    }

    public function find(string $kind, string $code): ?Rule
    {
        return $this->all($kind)[$code] ?? null;
    }

    /** The entry as it is at this moment, whatever was read of it before; nobody else changes it until this transaction ends. */
    public function lock(string $kind, string $code): ?Rule
    {
        $this->connection->fetchOne('SELECT version FROM house_rule WHERE kind = ? AND code = ? FOR UPDATE', [$kind, $code]);
        $this->reset();

        return $this->find($kind, $code);
    }

    /**
     * @param int $from the version that the change began from; 0 where the house had no entry of its own
     *
     * @throws Conflict when somebody else has written it in the meantime
     */
    public function write(string $kind, Rule $rule, int $from): void
    {
        $this->store($kind, $rule, $from, false);
    }

    /** Also one that Tin Lantern brings: it stays away until it is written again. */
    public function strikeOut(string $kind, Rule $rule): void
    {
        $this->store($kind, $rule, $rule->version, true);
    }

    /** Leaves the entry as Tin Lantern brings it, or nothing. */
    public function forget(string $kind, string $code): void
    {
        $this->connection->delete('house_rule', ['kind' => $kind, 'code' => $code]);
        $this->reset();
    }

    private function store(string $kind, Rule $rule, int $from, bool $isRemoved): void
    {
        $key = ['kind' => $kind, 'code' => $rule->code];
        $row = ['name' => $rule->name, 'position' => $rule->position, 'version' => $rule->version, 'content' => Json::encode((object) $rule->content), 'is_removed' => (int) $isRemoved];
        /** @var array{version: int, is_removed: int}|false $now */
        $now = $this->connection->fetchAssociative('SELECT version, is_removed FROM house_rule WHERE kind = ? AND code = ? FOR UPDATE', array_values($key));
        try {
            if (false === $now) {
                $this->connection->insert('house_rule', $key + $row);
            } elseif ($from === (1 === $now['is_removed'] ? 0 : $now['version'])) {
                $this->connection->update('house_rule', $row, $key);
            } else {
                throw Conflict::stale('entry', $this->lock($kind, $rule->code) ?? $rule);
            }
        } catch (UniqueConstraintViolationException) {
            throw Conflict::stale('entry', $this->lock($kind, $rule->code) ?? $rule);
        }
        $this->reset();
    }

    /** @return array<string, Rule> */
    private function read(string $kind): array
    {
        $rules = $this->brought($kind);
        /** @var array{code: string, name: string, position: int, version: int, content: string, is_removed: int} $row */
        foreach ($this->connection->iterateAssociative('SELECT code, name, position, version, content, is_removed FROM house_rule WHERE kind = ?', [$kind]) as $row) {
            $rules[$row['code']] = new Rule($row['code'], $row['name'], $row['position'], $row['version'], Json::decodeObject($row['content']));
            if (1 === $row['is_removed']) {
                unset($rules[$row['code']]);
            }
        }
        uasort($rules, static fn (Rule $a, Rule $b): int => [$a->position, $a->name] <=> [$b->position, $b->name]);

        return $rules;
    }

    /** @return array<string, Rule> */
    private function brought(string $kind): array
    {
        $file = $this->rulesDirectory.'/'.$kind.'.yaml';
        $rules = [];
        /** @var list<array{code: string, name: string}> $entries */
        $entries = is_file($file) ? Yaml::parseFile($file) : [];
        foreach ($entries as $index => $entry) {
            $rules[$entry['code']] = new Rule($entry['code'], $entry['name'], 10 * ($index + 1), 0, array_diff_key($entry, ['code' => 0, 'name' => 0]));
        }

        return $rules;
    }
}
