<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\Matching\MatchKeys;
use TinLantern\Catalogue\Matching\MatchRules;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Matching\MatchFacts;
use TinLantern\Core\Matching\MatchRule;
use TinLantern\Core\Matching\RecordMatch;
use TinLantern\Platform\Database\Transaction;

/**
 * Reads a file and compares each record with the catalogue, and with those before it in the file. Nothing in the catalogue changes.
 *
 * A batch at a time, each in one transaction with the note of how far it has come: killed at any moment and run again, it goes on
 * behind the last batch.
 */
final readonly class CompareFile
{
    private const BATCH = 500;

    public function __construct(
        private Transaction $transaction,
        private Intakes $intakes,
        private ComparedRecords $compared,
        private MatchRules $rules,
        private MatchKeys $keys,
    ) {
    }

    /** @param (\Closure(int): void)|null $progress told how many records were read, after each batch */
    public function __invoke(BegunIntake $intake, RecordFile $file, ?\Closure $progress = null): void
    {
        $rule = $this->rules->find($intake->options->matchRule) ?? throw new \LogicException("There is no match rule {$intake->options->matchRule}.");
        $read = 0;
        $noted = $intake->recordsRead;
        $batch = $remarks = [];
        foreach ($file->records() as $record) {
            if (++$read <= $intake->recordsRead) {
                continue;
            }
            $batch[$read] = $record;
            if ([] !== $file->remarks) {
                $remarks[$read] = implode(' ', $file->remarks);
            }
            if (self::BATCH === \count($batch)) {
                $noted = $this->compare($intake, $rule, $batch, $remarks, $noted);
                $batch = $remarks = [];
                if (null !== $progress) {
                    $progress($read);
                }
            }
        }
        $this->compare($intake, $rule, $batch, $remarks, $noted);
        $this->transaction->run(fn () => $this->intakes->reach($intake->id, IntakeState::Compared, IntakeState::Comparing));
        $this->compared->forgetKeys($intake->id);
    }

    /**
     * @param array<int, MarcRecord|MalformedRecord> $batch   by place in the file
     * @param array<int, string>                     $remarks about characters, by place in the file
     *
     * @return int how many records were read with these
     */
    private function compare(BegunIntake $intake, MatchRule $rule, array $batch, array $remarks, int $noted): int
    {
        if ([] === $batch) {
            return $noted;
        }
        $read = (int) array_key_last($batch);
        $described = [];
        foreach ($batch as $place => $record) {
            if ($record instanceof MarcRecord) {
                $described[$place] = DescribedRecord::of($record);
            }
        }
        $this->transaction->run(function () use ($intake, $rule, $batch, $remarks, $described, $noted, $read): void {
            $this->intakes->goOnComparing($intake->id, $noted, $read);
            $known = new KnownRecords($intake->id, $rule, $this->keys, $this->compared, array_map(static fn (DescribedRecord $record): MatchFacts => $record->facts(), $described));
            $results = [];
            foreach ($batch as $place => $record) {
                $results[] = $record instanceof MalformedRecord ? ComparedRecord::broken($place, $record) : $this->one($place, $described[$place], $known)->remarkedOn($remarks[$place] ?? '');
            }
            $this->compared->keep($intake->id, $results);
            $this->compared->keepKeys($intake->id, $known->fresh());
        });

        return $read;
    }

    private function one(int $place, DescribedRecord $record, KnownRecords $known): ComparedRecord
    {
        $marc = $record->marc;
        $title = $record->brief->title;
        $whyNot = self::whyNotForTheCatalogue($marc);
        if (null !== $whyNot) {
            return ComparedRecord::unfit($place, $marc, $title, $whyNot);
        }
        $match = $known->inCatalogue($place);
        if ($match instanceof RecordMatch && $match->agrees) {
            return ComparedRecord::matching($place, $marc, $title, $match);
        }
        $again = $known->earlierInFile($place);
        if ($again instanceof RecordMatch && $again->agrees) {
            return ComparedRecord::again($place, $marc, $title, $again);
        }
        $known->remember($place);

        return ComparedRecord::fresh($place, $marc, $title, $match);
    }

    private static function whyNotForTheCatalogue(MarcRecord $record): ?string
    {
        return match (true) {
            \in_array($record->leaderAt(6), ['q', 'u', 'v', 'w', 'x', 'y', 'z'], true) => \sprintf('leader position 6 is "%s", so it describes no title (it is an authority, holdings, classification or community record).', $record->leaderAt(6)),
            'd' === $record->leaderAt(5) => 'leader position 5 is "d": the sender has deleted it.',
            default => null,
        };
    }
}
