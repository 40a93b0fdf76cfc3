<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Cli;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Catalogue\ExportRecords;

#[AsCommand('catalogue:export', 'Writes all records with their items to the standard output')]
final readonly class ExportCommand
{
    public function __construct(private ExportRecords $export)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Option('marc, marcxml, json, dc, mods or ris')] string $format = 'marc',
        #[Option('embedded (in the fields they came in, or 852 and 876) or none')] string $items = 'embedded',
    ): int {
        $known = ExportFormat::tryFrom($format);
        if (null === $known || !\in_array($items, ['embedded', 'none'], true)) {
            $io->getErrorStyle()->error(null === $known ? \sprintf('There is no format "%s". Formats: marc, marcxml, json, dc, mods, ris.', $format) : '--items is embedded or none.');

            return Command::INVALID;
        }
        $left = 0;
        $output = fopen('php://output', 'w');
        \assert(false !== $output);
        foreach (($this->export)($known, 'embedded' === $items, static function (string $sentence) use ($io, &$left): void {
            ++$left;
            $io->getErrorStyle()->writeln($sentence, SymfonyStyle::OUTPUT_RAW);
        }) as $bytes) {
            fwrite($output, $bytes);
        }

        return 0 === $left ? Command::SUCCESS : Command::FAILURE;
    }
}
