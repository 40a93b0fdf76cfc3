<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\FieldPairView;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Repository\StoredRecord;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\Heading;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Subfield;
use TinLantern\Core\Marc\Unreadable;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Invalid;

/**
 * Changes one heading in every record that has it; or only shows what would change.
 */
final readonly class ChangeHeading
{
    public const MOST = 2000;
    private const SHOWN = 50;

    public function __construct(private Transaction $transaction, private Headings $headings, private Records $records, private Derived $derived, private Journal $journal)
    {
    }

    public function preview(HeadingChange $change): HeadingChangeView
    {
        $to = self::becomes($change);
        $ids = $this->headings->holders($change->kind, $change->from, self::MOST + 1);
        $pairs = [];
        foreach (\array_slice($ids, 0, self::SHOWN) as $id) {
            $before = $this->records->marc($id);
            if (null !== $before) {
                $differing = array_values(array_filter(FieldPairView::between($before, self::changed($before, $change, $to)), static fn (FieldPairView $pair): bool => !$pair->isSame));
                $pairs[] = new ChangedRecordView($id, DescribedRecord::of($before)->brief->title, $differing);
            }
        }

        return new HeadingChangeView(\count($ids), $pairs, null);
    }

    public function __invoke(HeadingChange $change, Actor $actor): HeadingChangeView
    {
        $to = self::becomes($change);

        return $this->transaction->once($change->id, $change, HeadingChangeView::class, function () use ($change, $to, $actor): HeadingChangeView {
            $ids = $this->headings->holders($change->kind, $change->from, self::MOST + 1);
            if (\count($ids) > self::MOST) {
                throw new Invalid(['from' => \sprintf('More than %d records have this heading. Change it in parts.', self::MOST)]);
            }
            $changed = array_map(static fn (StoredRecord $record): DescribedRecord => DescribedRecord::of(self::changed($record->marc(), $change, $to)), $stored = $this->records->lock($ids));
            $this->records->change($changed, $actor->name, Cause::Heading);
            $this->derived->follow($changed);
            $entry = $this->journal->tell(
                $actor,
                'heading-changed',
                Subject::Record,
                $ids[0] ?? 0,
                ['heading' => $change->from, 'versions' => array_map(static fn (StoredRecord $record): int => $record->version, $stored)],
                ['heading' => $change->to, 'records' => \count($changed)],
            );

            return new HeadingChangeView(\count($changed), [], $entry);
        });
    }

    /**
     * @return non-empty-list<Subfield> what the heading is to become
     *
     * @throws Invalid when one of the two is no heading
     */
    private static function becomes(HeadingChange $change): array
    {
        $read = [];
        foreach (['from' => $change->from, 'to' => $change->to] as $field => $written) {
            try {
                $read[$field] = HeadingView::subfields($written);
            } catch (Unreadable) {
                throw new Invalid([$field => 'Write the heading with its subfields, as in $aVenn, Mara,$d1950-']);
            }
        }

        return [] === $read['to'] ? throw new Invalid(['to' => 'Say what the heading is to become.']) : $read['to'];
    }

    /** @param non-empty-list<Subfield> $to */
    private static function changed(MarcRecord $record, HeadingChange $change, array $to): MarcRecord
    {
        return $record->withFields(array_map(static function (ControlField|DataField $field) use ($change, $to): ControlField|DataField {
            $heading = $field instanceof DataField ? Heading::of($field) : null;

            return $field instanceof DataField && $heading?->kind === $change->kind && $heading->written === $change->from ? Heading::exchanged($field, $to) : $field;
        }, $record->fields));
    }
}
