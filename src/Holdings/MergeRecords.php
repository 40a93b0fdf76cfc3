<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\Editing\RecordTextView;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Repository\StoredRecord;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Core\Marc\Unreadable;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Makes one record of two: the one that is kept gets chosen fields of the other and all of its items, with their loans and history; the
 * other goes. All of it can be taken back.
 */
final readonly class MergeRecords
{
    public function __construct(private Transaction $transaction, private Records $records, private Items $items, private Derived $derived, private Journal $journal)
    {
    }

    public function __invoke(int $keptId, MergeForm $form, Actor $actor): MergedView
    {
        return $this->transaction->once($form->id, (object) ['kept' => $keptId, 'form' => $form], MergedView::class, function () use ($keptId, $form, $actor): MergedView {
            [$kept, $other] = $this->unchanged($keptId, $form);
            $given = self::given($form->fields);
            $merged = Overlay::keeping($kept->marc(), new MarcRecord($kept->marc()->leader, $given), ['...']);
            $isChanged = LineText::write($merged) !== $kept->text;
            $described = DescribedRecord::of($merged);
            if ($isChanged) {
                $this->records->change([$keptId => $described], $actor->name, Cause::Merged);
            }
            $from = $this->items->move($this->items->idsOn($other->id), $keptId);
            $this->records->remove([$other->id], $actor->name, Cause::Merged, $keptId);
            $this->derived->follow([$keptId => $described]);
            $entry = $this->journal->tell(
                $actor,
                RecordMergeReversal::act(),
                Subject::Record,
                $keptId,
                ['version' => $kept->version, 'other' => $other->id, 'items' => $from],
                ['version' => $kept->version + (int) $isChanged, 'title' => $described->brief->title, 'count' => \count($from)],
            );

            return new MergedView($keptId, \count($from), \count($given), $entry);
        });
    }

    /** @return array{StoredRecord, StoredRecord} both records, if they are as they were looked at */
    private function unchanged(int $keptId, MergeForm $form): array
    {
        if ($keptId === $form->other) {
            throw new Invalid(['other' => 'A record cannot be merged with itself. Choose another.']);
        }
        $stored = $this->records->lock([$keptId, $form->other]);
        $kept = $stored[$keptId] ?? throw NotFound::of('record', $keptId);
        $other = $stored[$form->other] ?? throw NotFound::of('record', $form->other);
        foreach ([[$kept, $form->version], [$other, $form->otherVersion]] as [$record, $version]) {
            if ($record->version !== $version) {
                throw Conflict::stale('record', RecordTextView::of($record));
            }
        }

        return [$kept, $other];
    }

    /**
     * @param array<string> $lines
     *
     * @return list<ControlField|DataField>
     */
    private static function given(array $lines): array
    {
        try {
            return array_map(LineText::parseField(...), array_values($lines), array_keys(array_values($lines)));
        } catch (Unreadable $problem) {
            throw new Invalid(['fields' => $problem->getMessage()]);
        }
    }
}
