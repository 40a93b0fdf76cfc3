<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Cli;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use TinLantern\Catalogue\RebuildDerived;

#[AsCommand('catalogue:rebuild', 'Derives list columns and search documents anew from the records')]
final readonly class RebuildCommand
{
    public function __construct(private RebuildDerived $rebuild)
    {
    }

    public function __invoke(SymfonyStyle $io): int
    {
        $io->writeln(\sprintf('%d records derived anew.', $this->rebuild->all()));

        return Command::SUCCESS;
    }
}
