<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Cli;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use TinLantern\Catalogue\Derived;

#[AsCommand('catalogue:rebuild', 'Derives list columns, match keys, headings and search documents anew from the records')]
final readonly class RebuildCommand
{
    public function __construct(private Derived $derived)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Option('only when a new version derives more than was derived')] bool $ifNeeded = false): int
    {
        if ($ifNeeded && !$this->derived->isOutdated()) {
            return Command::SUCCESS;
        }
        $io->writeln(\sprintf('%d records derived anew.', $this->derived->rebuild()));

        return Command::SUCCESS;
    }
}
