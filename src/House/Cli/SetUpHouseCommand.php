<?php

declare(strict_types=1);

namespace TinLantern\House\Cli;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;
use TinLantern\House\HouseDefinition;
use TinLantern\House\SetUpHouse;
use TinLantern\Platform\Problem\Problem;

#[AsCommand('house:set-up', 'Gives an empty house its branches, lists and loan rules from a definition as in demo/house.yaml')]
final readonly class SetUpHouseCommand
{
    public function __construct(private SetUpHouse $setUp)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument('the definition, in YAML')] string $file): int
    {
        try {
            ($this->setUp)(new HouseDefinition((array) Yaml::parseFile($file)));
        } catch (ParseException|Problem|\InvalidArgumentException|\ValueError $wrong) {
            $io->error('Nothing was set up. '.$wrong->getMessage());

            return Command::FAILURE;
        }
        $io->writeln('The house is set up.');

        return Command::SUCCESS;
    }
}
