<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

use Doctrine\DBAL\Connection;
use Symfony\Component\Yaml\Yaml;
use Symfony\Contracts\Service\ResetInterface;
use TinLantern\Platform\Json;

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
