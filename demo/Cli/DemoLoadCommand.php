<?php

declare(strict_types=1);

namespace TinLantern\Demo\Cli;

use Doctrine\DBAL\Connection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use TinLantern\Demo\LoadDemoWorld;

#[AsCommand('demo:load', 'Fills an empty house with the demo world of the Vesper Isles')]
final readonly class DemoLoadCommand
{
    public function __construct(private Connection $connection, private LoadDemoWorld $load)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Option('do nothing when the house is in use')] bool $ifNone = false): int
    {
        $state = $this->connection->fetchOne("SELECT value FROM house_state WHERE name = 'demo-world'");
        if ('loading' === $state) {
            $io->writeln('The demo world was not loaded to its end; it is begun anew.');
            $this->empty();
        } elseif (false !== $this->connection->fetchOne('SELECT 1 FROM branch LIMIT 1')) {
            if (!$ifNone) {
                $io->error('This house is in use. The demo world is only loaded into an empty one.');
            }

            return $ifNone ? Command::SUCCESS : Command::FAILURE;
        }
        ($this->load)(static fn (string $step) => $io->writeln($step));

        return Command::SUCCESS;
    }

    private function empty(): void
    {
        $this->connection->executeStatement('SET foreign_key_checks = 0');
        foreach ($this->connection->fetchFirstColumn("SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name <> 'migration'") as $table) {
            $this->connection->executeStatement('TRUNCATE TABLE '.$this->connection->quoteSingleIdentifier(\is_string($table) ? $table : ''));
        }
        $this->connection->executeStatement('SET foreign_key_checks = 1');
    }
}
