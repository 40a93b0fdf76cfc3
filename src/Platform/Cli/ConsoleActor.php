<?php

declare(strict_types=1);

namespace TinLantern\Platform\Cli;

use Doctrine\DBAL\Connection;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Permission;

/**
 * Whoever can run the console of this machine: acts in the name of the house, at its first branch.
 */
final readonly class ConsoleActor
{
    public function __construct(private Connection $connection)
    {
    }

    public function __invoke(): Actor
    {
        /** @var array{id: int, code: string, name: string}|false $branch */
        $branch = $this->connection->fetchAssociative('SELECT id, code, name FROM branch ORDER BY id LIMIT 1');
        if (false === $branch) {
            throw new \InvalidArgumentException('The house has no branch yet. Set it up first.');
        }

        return new Actor(null, '', 'Console', 'console', array_column(Permission::cases(), 'value'), $branch['id'], $branch['code'], $branch['name'], 'Console');
    }
}
