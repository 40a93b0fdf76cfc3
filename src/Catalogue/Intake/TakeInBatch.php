<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\RecordItems;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Search\HeldItem;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Platform\Actor;

/**
 * Takes some compared records into the catalogue, in the transaction that is running.
 */
final readonly class TakeInBatch
{
    public function __construct(private Intakes $intakes, private StagedRecords $staged, private Records $records, private RecordItems $items, private Derived $derived)
    {
    }

    /** @param list<StagedRecord> $batch */
    public function __invoke(BegunIntake $intake, array $batch, Actor $actor): void
    {
        foreach (self::segments($batch) as $segment) {
            $this->takeIn($intake, $segment, $actor);
        }
    }

    /**
     * Records that go to the same record of the catalogue, or to one that this file brings, go one after the other.
     *
     * @param list<StagedRecord> $batch
     *
     * @return \Generator<int, non-empty-list<StagedRecord>>
     */
    private static function segments(array $batch): \Generator
    {
        $segment = [];
        $touched = [];
        foreach ($batch as $record) {
            if (null !== $record->target && isset($touched[$record->target])) {
                yield $segment;
                $segment = $touched = [];
            }
            $segment[] = $record;
            $touched[-$record->place] = true;
            if (null !== $record->target) {
                $touched[$record->target] = true;
            }
        }
        if ([] !== $segment) {
            yield $segment;
        }
    }

    /** @param non-empty-list<StagedRecord> $segment */
    private function takeIn(BegunIntake $intake, array $segment, Actor $actor): void
    {
        $this->findTargets($intake, $segment);
        $this->add(array_values(array_filter($segment, static fn (StagedRecord $record): bool => Outcome::Added === $record->outcome)), $intake, $actor);
        $this->change(array_values(array_filter($segment, static fn (StagedRecord $record): bool => \in_array($record->outcome, [Outcome::Replaced, Outcome::Merged, Outcome::Items], true))), $intake, $actor);
        $this->staged->writeOutcomes($intake->id, $segment);
    }

    /**
     * An earlier place of the file has become a record by now. Where the target is gone, the record is as good as new.
     *
     * @param non-empty-list<StagedRecord> $segment
     */
    private function findTargets(BegunIntake $intake, array $segment): void
    {
        $places = [];
        foreach ($segment as $record) {
            if (null !== $record->target && $record->target < 0) {
                $places[] = -$record->target;
            }
        }
        $records = $this->staged->recordsAt($intake->id, $places);
        foreach ($segment as $record) {
            if (null !== $record->target && $record->target < 0) {
                $record->target = $records[-$record->target] ?? null;
            }
            if (null === $record->target && !\in_array($record->outcome, [Outcome::Added, Outcome::Skipped], true)) {
                $record->outcome = Outcome::Added;
            }
        }
    }

    /** @param list<StagedRecord> $segment */
    private function add(array $segment, BegunIntake $intake, Actor $actor): void
    {
        if ([] === $segment) {
            return;
        }
        $described = array_map(static fn (StagedRecord $record): DescribedRecord => $record->described, $segment);
        $ids = $this->records->add($described, $actor->name, Cause::Intake, $intake->id);
        foreach ($segment as $index => $record) {
            $record->recordId = $ids[$index];
            $record->versionMade = 1;
        }
        $held = $this->addItems($segment, $intake);
        $this->derived->followNew(array_combine($ids, $described), $held);
    }

    /** @param list<StagedRecord> $segment */
    private function change(array $segment, BegunIntake $intake, Actor $actor): void
    {
        $stored = $this->records->lock(array_map(static fn (StagedRecord $record): int => $record->target ?? 0, $segment));
        $changed = $followed = $gone = [];
        foreach ($segment as $record) {
            $own = $stored[$record->target ?? 0] ?? null;
            if (null === $own) {
                $record->outcome = Outcome::Added;
                $record->tell('remark', 'the record that it matched was removed in the meantime, so it was added.');
                $gone[] = $record;
                continue;
            }
            $record->recordId = $own->id;
            if (Outcome::Items === $record->outcome) {
                $followed[$own->id] = DescribedRecord::of($own->marc());
                continue;
            }
            $record->versionMade = $own->version + 1;
            $changed[$own->id] = Outcome::Merged === $record->outcome ? DescribedRecord::of(Overlay::keeping($record->described->marc(), $own->marc(), $intake->options->keptFields)) : $record->described;
        }
        $this->records->change($changed, $actor->name, Cause::Intake);
        $this->addItems(array_values(array_filter($segment, static fn (StagedRecord $record): bool => null !== $record->recordId)), $intake);
        $this->derived->follow($changed + $followed);
        $this->add($gone, $intake, $actor);
    }

    /**
     * @param list<StagedRecord> $segment
     *
     * @return array<int, list<HeldItem>> the items that were made, by record id
     */
    private function addItems(array $segment, BegunIntake $intake): array
    {
        $statements = $byRecord = [];
        foreach ($segment as $record) {
            $statements[(int) $record->recordId] = $record->items;
            $byRecord[(int) $record->recordId] = $record;
        }
        $taken = $this->items->takeIn($statements, $intake->options->defaults, $intake->id);
        foreach ($taken->problems as $id => $sentences) {
            foreach ($sentences as $sentence) {
                $byRecord[$id]->tell('item', $sentence);
            }
        }
        if ($taken->count() > 0) {
            $this->intakes->count($intake->id, $taken->count());
        }
        $this->intakes->noteUnknownCodes($intake->id, $taken->unknownCodes);

        return $taken->items;
    }
}
