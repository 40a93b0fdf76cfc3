<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\ItemsTakenIn;
use TinLantern\Catalogue\RecordItems;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Search\SearchDocument;
use TinLantern\Catalogue\Search\SearchIndex;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\RecordParts;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;

/**
 * Takes in a file of records with their items.
 *
 * A batch at a time, each in one transaction with the note of how far it has come: killed at any moment and run again, it goes
 * on behind the last batch. A file that was taken in completely is not taken in again unless asked for.
 */
final readonly class TakeInFile
{
    private const BATCH = 500;

    public function __construct(
        private Transaction $transaction,
        private Intakes $intakes,
        private Records $records,
        private RecordItems $items,
        private SearchIndex $index,
        private Journal $journal,
    ) {
    }

    /** @param (\Closure(IntakeReport): void)|null $progress called after each batch */
    public function __invoke(MarcFile $file, IntakeOptions $options, Actor $actor, ?\Closure $progress = null): IntakeReport
    {
        $begun = $this->intakes->begin($file, $options);
        $report = new IntakeReport($begun->id, basename($file->path));
        $report->noted = $begun->recordsRead;
        $batch = [];
        foreach ($file->records() as $record) {
            ++$report->read;
            if ($report->read <= $begun->recordsRead) {
                ++$report->skipped;
                continue;
            }
            $parts = $this->accepted($record, $options, $report);
            if (null !== $parts) {
                $batch[$report->read] = $parts;
            }
            if (self::BATCH === \count($batch)) {
                $this->takeInBatch($batch, $options, $report);
                $batch = [];
                if (null !== $progress) {
                    $progress($report);
                }
            }
        }
        $this->takeInBatch($batch, $options, $report);
        $this->finish($begun, $report, $actor);

        return $report;
    }

    private function accepted(MarcRecord|MalformedRecord $record, IntakeOptions $options, IntakeReport $report): ?RecordParts
    {
        if ($record instanceof MalformedRecord) {
            ++$report->failed;
            $report->tell($report->read, 'failed', $record->sentence());

            return null;
        }
        $whyNot = $this->whyNotForTheCatalogue($record);
        if (null !== $whyNot) {
            ++$report->skipped;
            $report->tell($report->read, 'skipped', \sprintf('Record %d: %s', $report->read, $whyNot));

            return null;
        }
        $parts = ItemFields::part($record, $options->mapping);
        foreach ($parts->remarks as $remark) {
            $report->tell($report->read, 'remark', \sprintf('Record %d: %s', $report->read, $remark));
        }

        return $parts;
    }

    private function whyNotForTheCatalogue(MarcRecord $record): ?string
    {
        return match (true) {
            \in_array($record->leaderAt(6), ['q', 'u', 'v', 'w', 'x', 'y', 'z'], true) => \sprintf('leader position 6 is "%s", so it describes no title (it is an authority, holdings, classification or community record).', $record->leaderAt(6)),
            'd' === $record->leaderAt(5) => 'leader position 5 is "d": the sender has deleted it.',
            default => null,
        };
    }

    /** @param array<int, RecordParts> $batch by place in the file */
    private function takeInBatch(array $batch, IntakeOptions $options, IntakeReport $report): void
    {
        if ([] === $batch) {
            return;
        }
        $places = array_keys($batch);
        $taken = $this->transaction->run(function () use ($batch, $places, $options, $report): ItemsTakenIn {
            $this->intakes->goOn($report->intake, $report->noted, $report->read);
            $records = array_map(static fn (RecordParts $parts): MarcRecord => $parts->record, array_values($batch));
            $briefs = array_map(BriefDescription::of(...), $records);
            $ids = $this->records->add($records, $briefs, $report->intake);
            $taken = $this->items->takeIn(array_combine($ids, array_map(static fn (RecordParts $parts): array => $parts->items, array_values($batch))), $options->defaults);
            $documents = [];
            foreach ($ids as $index => $id) {
                $documents[] = SearchDocument::of($id, $records[$index], $briefs[$index], $taken->held[$id] ?? []);
            }
            $this->index->put($documents);
            $this->intakes->count($report->intake, \count($ids), $taken->count);

            return $taken->atPlaces(array_combine($ids, $places));
        });
        $report->noted = $report->read;
        $report->added += \count($batch);
        $report->items += $taken->count;
        $report->tellOfCodes($taken->unknownCodes);
        foreach ($taken->problems as $place => $sentences) {
            foreach ($sentences as $sentence) {
                $report->tell($place, 'item', \sprintf('Record %d: %s', $place, $sentence));
            }
        }
    }

    private function finish(BegunIntake $begun, IntakeReport $report, Actor $actor): void
    {
        if (null !== $begun->endedEarlier) {
            $report->tell(0, 'skipped', \sprintf('This file was taken in before, as intake %d on %s, so nothing was added. Take it in once more with --again.', $begun->id, $begun->endedEarlier));

            return;
        }
        $this->transaction->run(function () use ($report, $actor): void {
            $this->intakes->end($report->intake);
            $this->journal->tell($actor, 'file-taken-in', Subject::Intake, $report->intake, null, [
                'file' => $report->file,
                'read' => $report->read,
                'added' => $report->added,
                'skipped' => $report->skipped,
                'failed' => $report->failed,
                'items' => $report->items,
            ]);
        });
    }
}
