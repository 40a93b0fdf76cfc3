<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Cli;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use TinLantern\Catalogue\Intake\BatchFrames;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Intake\ReadBatches;
use TinLantern\Catalogue\Intake\RecordFile;

#[AsCommand('catalogue:read-ahead', 'Reads a file of records for the process that takes it in', hidden: true)]
final readonly class ReadAheadCommand
{
    public function __invoke(
        #[Argument('the file')] string $file,
        #[Argument('what it is called')] string $name,
        #[Argument('how it is taken in, as JSON')] string $options,
        #[Argument('as many of its records as were dealt with already')] int $behind,
        #[Option('derive no more than comparing them wants')] bool $onlyToCompare = false,
    ): int {
        $how = IntakeOptions::read($options);
        BatchFrames::write(\STDOUT, ReadBatches::of(RecordFile::open($file, $name, $how->columnMapping()), $how, $behind), $onlyToCompare);

        return Command::SUCCESS;
    }
}
