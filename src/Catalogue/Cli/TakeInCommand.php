<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Cli;

use Doctrine\DBAL\Exception\ConnectionException;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use TinLantern\Catalogue\Intake\IntakeChoices;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Intake\IntakeOptionsOf;
use TinLantern\Catalogue\Intake\IntakeReport;
use TinLantern\Catalogue\Intake\OnMatch;
use TinLantern\Catalogue\Intake\OnNew;
use TinLantern\Catalogue\Intake\RecordFile;
use TinLantern\Catalogue\Intake\TakeInFile;
use TinLantern\Platform\Cli\ConsoleActor;
use TinLantern\Platform\Json;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\Violation;

#[AsCommand('catalogue:take-in', 'Takes in a file of records (ISO 2709, MARCXML, JSON, CSV, XLSX, ODS) with their items')]
final readonly class TakeInCommand
{
    /** Choices that are called otherwise on the console. */
    private const OPTIONS = ['matchRule' => 'match', 'lendingClass' => 'lending-class', 'keptFields' => 'keep', 'tidyRules' => 'tidy'];

    public function __construct(private TakeInFile $takeIn, private IntakeOptionsOf $optionsOf, private ConsoleActor $actor)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Argument('the file')] string $file,
        #[Option('branch of items that name none, or one that is not known')] string $branch = '',
        #[Option('shelving location of items that name none, or one that is not known')] string $location = '',
        #[Option('lending class of items that name none, or one that is not known')] string $lendingClass = '',
        #[Option('item preset: what items begin with where their record says nothing')] string $preset = '',
        #[Option('tidy rules that each record is tidied by')] string $tidy = '',
        #[Option('worksheet that says what records begin with and must have')] string $worksheet = '',
        #[Option('where items stand in the records: 852, or a local field as in 952:barcode=p,branch=a,callNumber=o')] string $items = '852',
        #[Option('match rule of the house: standard, isbn, control, careful, none')] string $match = IntakeOptions::STANDARD_RULE,
        #[Option('what happens to records that the catalogue has: replace, merge, items, keep, skip')] string $onMatch = OnMatch::Keep->value,
        #[Option('what happens to the others: add, skip')] string $onNew = OnNew::Add->value,
        #[Option('fields that a merged record keeps, as in 59.,9..')] string $keep = '',
        #[Option('what columns of a spreadsheet mean, as in Heading=245$a,Code=item:barcode; otherwise their headings say it')] string $columns = '',
        #[Option('only read and compare; nothing in the catalogue changes')] bool $dryRun = false,
        #[Option('take in once more what was taken in before')] bool $again = false,
        #[Option('print the report as JSON')] bool $json = false,
    ): int {
        try {
            $options = ($this->optionsOf)(new IntakeChoices(
                matchRule: $match,
                onMatch: self::oneOf('on-match', $onMatch, array_column(OnMatch::cases(), 'value')),
                onNew: self::oneOf('on-new', $onNew, array_column(OnNew::cases(), 'value')),
                items: $items,
                branch: $branch,
                location: $location,
                lendingClass: $lendingClass,
                keptFields: '' === $keep ? IntakeOptions::LOCAL_FIELDS : explode(',', $keep),
                columns: self::columns($columns),
                preset: $preset,
                tidyRules: $tidy,
                worksheet: $worksheet,
            ), $again);
            $report = ($this->takeIn)(RecordFile::open($file, null, $options->columnMapping()), $options, ($this->actor)(), $json ? null : static function (string $what, int $done) use ($io): void {
                $io->write(\sprintf("\r%d records %s ", $done, $what));
            }, $dryRun);
        } catch (Invalid $invalid) {
            return $this->sayError(implode(' ', array_map(self::said(...), $invalid->violations)), $json, $io, Command::INVALID);
        } catch (\InvalidArgumentException $wrong) {
            return $this->sayError($wrong->getMessage(), $json, $io, Command::INVALID);
        } catch (Conflict $conflict) {
            return $this->sayError($conflict->getMessage(), $json, $io, Command::FAILURE);
        } catch (ConnectionException) {
            return $this->sayError('The database does not answer. What was taken in so far is kept; run the same command again and it goes on where it was.', $json, $io, Command::FAILURE);
        }
        $json ? $io->writeln(Json::encode($report), SymfonyStyle::OUTPUT_RAW) : $this->print($report, $io);

        return 0 === $report->failed ? Command::SUCCESS : Command::FAILURE;
    }

    /** What is wrong with a choice, under the name that it has here. */
    private static function said(Violation $violation): string
    {
        return \sprintf('--%s: %s', self::OPTIONS[$violation->field] ?? $violation->field, $violation->sentence);
    }

    /** @param list<string> $known */
    private static function oneOf(string $option, string $chosen, array $known): string
    {
        return \in_array($chosen, $known, true) ? $chosen : throw new \InvalidArgumentException(\sprintf('--%s=%s is not known. Choose one of: %s.', $option, $chosen, implode(', ', $known)));
    }

    /** @return array<string, string>|null */
    private static function columns(string $written): ?array
    {
        $columns = [];
        foreach ('' === $written ? [] : explode(',', $written) as $pair) {
            [$heading, $target] = explode('=', $pair, 2) + [1 => ''];
            $columns[trim($heading)] = trim($target);
        }

        return [] === $columns ? null : $columns;
    }

    private function sayError(string $sentence, bool $json, SymfonyStyle $io, int $status): int
    {
        $json ? $io->writeln(Json::encode(['error' => $sentence]), SymfonyStyle::OUTPUT_RAW) : $io->error($sentence);

        return $status;
    }

    private function print(IntakeReport $report, SymfonyStyle $io): void
    {
        $io->writeln("\r".str_repeat(' ', 50)."\r");
        foreach ($report->problems as $problem) {
            $io->writeln($problem->sentence, SymfonyStyle::OUTPUT_RAW);
        }
        foreach ($report->unknownCodes as $sentence) {
            $io->writeln($sentence, SymfonyStyle::OUTPUT_RAW);
        }
        if ($report->problemsNotListed > 0) {
            $io->writeln(\sprintf('%d more problems are not listed.', $report->problemsNotListed));
        }
        $io->writeln(\sprintf(
            'Intake %d of %s: %d records read (%d new, %d in the catalogue, %d twice in the file); %d added, %d replaced, %d merged, %d only items, %d skipped, %d failed; %d items.',
            $report->intake,
            $report->file,
            $report->read,
            $report->new,
            $report->matched,
            $report->again,
            $report->added,
            $report->replaced,
            $report->merged,
            $report->itemsOnly,
            $report->skipped,
            $report->failed,
            $report->items,
        ), SymfonyStyle::OUTPUT_RAW);
    }
}
