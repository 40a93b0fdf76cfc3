<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Catalogue\RecordItems;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\ActId;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Takes a record without items out of the catalogue. It can be brought back, under the same number.
 */
final readonly class RemoveRecord
{
    public function __construct(private Transaction $transaction, private Records $records, private RecordItems $items, private Drafts $drafts, private Journal $journal)
    {
    }

    public function __invoke(int $id, ActId $act, Actor $actor): RemovedRecordView
    {
        return $this->transaction->once($act->id, (object) ['remove' => $id], RemovedRecordView::class, function () use ($id, $actor): RemovedRecordView {
            $record = $this->records->lock([$id])[$id] ?? throw NotFound::of('record', $id);
            $items = \count($this->items->held([$id])[$id] ?? []);
            if ($items > 0) {
                throw new Conflict('record-has-items', \sprintf('This record has %d %s. Move them to another record first, or merge the record with it.', $items, 1 === $items ? 'item' : 'items'));
            }
            $this->records->remove([$id], $actor->name, Cause::Removed);
            $this->drafts->forget($actor, $id);

            return new RemovedRecordView($id, $this->journal->tell($actor, RecordRemovalReversal::act(), Subject::Record, $id, ['version' => $record->version], null));
        });
    }
}
