<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Cli;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use TinLantern\Catalogue\Intake\TakeBackIntake;
use TinLantern\Platform\Cli\ConsoleActor;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\Problem;

#[AsCommand('catalogue:take-back', 'Puts everything back as it was before a file was taken in')]
final readonly class TakeBackCommand
{
    public function __construct(private TakeBackIntake $takeBack, private ConsoleActor $actor)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument('the number of the intake')] int $intake, #[Option('print the report as JSON')] bool $json = false): int
    {
        try {
            $report = ($this->takeBack)($intake, ($this->actor)(), $json ? null : static fn (int $done) => $io->write(\sprintf("\r%d records dealt with ", $done)));
        } catch (Problem $problem) {
            $json ? $io->writeln(Json::encode(['error' => $problem->getMessage()]), SymfonyStyle::OUTPUT_RAW) : $io->error($problem->getMessage());

            return Command::FAILURE;
        }
        if ($json) {
            $io->writeln(Json::encode($report), SymfonyStyle::OUTPUT_RAW);

            return Command::SUCCESS;
        }
        foreach ($report->left as $left) {
            $io->writeln(\sprintf('Record %d (%s) was left: %s.', $left->record, $left->title, $left->because), SymfonyStyle::OUTPUT_RAW);
        }
        $io->writeln(\sprintf('Intake %d taken back: %d records removed, %d as they were before, %d left.', $report->intake, $report->removed, $report->restored, \count($report->left)));

        return Command::SUCCESS;
    }
}
