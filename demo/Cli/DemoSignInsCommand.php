<?php

declare(strict_types=1);

namespace TinLantern\Demo\Cli;

use Doctrine\DBAL\Connection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use TinLantern\Demo\LoadDemoWorld;

#[AsCommand('demo:sign-ins', 'Tells how to sign in to the demo world')]
final readonly class DemoSignInsCommand
{
    public function __construct(private Connection $connection)
    {
    }

    public function __invoke(SymfonyStyle $io): int
    {
        if ('loaded' === $this->connection->fetchOne("SELECT value FROM house_state WHERE name = 'demo-world'")) {
            $io->writeln(\sprintf('Sign in as %s; the password of all is %s', implode(', ', array_keys(LoadDemoWorld::STAFF)), LoadDemoWorld::PASSWORD));
        }

        return Command::SUCCESS;
    }
}
