<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\Repository\Cause;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Catalogue\Repository\StoredRecord;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Saves a record that was entered: a new one unless the title is there already, or the next version of one that nobody has changed in the
 * meantime.
 */
final readonly class SaveRecord
{
    public function __construct(
        private Transaction $transaction,
        private RecordOf $recordOf,
        private Duplicates $duplicates,
        private Records $records,
        private Derived $derived,
        private Drafts $drafts,
        private Journal $journal,
    ) {
    }

    public function add(RecordForm $form, Actor $actor): RecordTextView
    {
        return $this->transaction->once($form->id, (object) ['add' => $form], RecordTextView::class, function () use ($form, $actor): RecordTextView {
            $marc = ($this->recordOf)($form);
            $duplicates = $form->keepBoth ? [] : $this->duplicates->of($marc);
            if ([] !== $duplicates) {
                throw new Conflict('duplicate', 'The catalogue has this title already. Compare both and choose.', ['duplicates' => $duplicates]);
            }
            $described = DescribedRecord::of($marc);
            $id = $this->records->add([$described], $actor->name, Cause::Edited, null)[0];
            if (null === $marc->control('001')) {
                // A record of our own gets our own number as its control number.
                $described = DescribedRecord::of($marc->withFields(Overlay::placed($marc->fields, new ControlField('001', \sprintf('tl%08d', $id)))));
                $this->records->number($id, $described);
            }
            $this->derived->followNew([$id => $described]);
            $this->drafts->forget($actor, 0);
            $this->journal->tell($actor, 'record-added', Subject::Record, $id, null, ['title' => $described->brief->title]);

            return $this->view($id);
        });
    }

    public function change(int $id, RecordForm $form, Actor $actor): RecordTextView
    {
        return $this->transaction->once($form->id, (object) ['record' => $id, 'form' => $form], RecordTextView::class, function () use ($id, $form, $actor): RecordTextView {
            $stored = $this->unchanged($id, $form->version);
            $marc = ($this->recordOf)($form);
            if ($this->isSame($marc, $stored->marc())) {
                return RecordTextView::of($stored);
            }
            $this->drafts->forget($actor, $id);

            return $this->next($stored, $marc, Cause::from($form->cause), $actor, []);
        });
    }

    public function returnTo(int $id, VersionChoice $choice, Actor $actor): RecordTextView
    {
        return $this->transaction->once($choice->id, (object) ['record' => $id, 'choice' => $choice], RecordTextView::class, function () use ($id, $choice, $actor): RecordTextView {
            $stored = $this->unchanged($id, $choice->version);
            $earlier = $this->records->version($id, $choice->to) ?? throw NotFound::of('version', $choice->to);

            return $this->next($stored, $earlier->marc(), Cause::Returned, $actor, ['like' => $choice->to]);
        });
    }

    /** The record as it stands, if it is still the version that the change began from. */
    private function unchanged(int $id, ?int $version): StoredRecord
    {
        $stored = $this->records->lock([$id])[$id] ?? throw NotFound::of('record', $id);
        if ($version !== $stored->version) {
            throw Conflict::stale('record', RecordTextView::of($stored));
        }

        return $stored;
    }

    /** @param array<string, mixed> $told what the journal is told besides version and title */
    private function next(StoredRecord $stored, MarcRecord $marc, Cause $cause, Actor $actor, array $told): RecordTextView
    {
        $described = DescribedRecord::of($marc);
        $this->records->change([$stored->id => $described], $actor->name, $cause);
        $this->derived->follow([$stored->id => $described]);
        $this->journal->tell($actor, 'record-changed', Subject::Record, $stored->id, ['version' => $stored->version], ['version' => $stored->version + 1, 'title' => $described->brief->title] + $told);

        return $this->view($stored->id);
    }

    private function view(int $id): RecordTextView
    {
        return RecordTextView::of($this->records->find($id) ?? throw NotFound::of('record', $id));
    }

    /** The same but for the moment of the change? */
    private function isSame(MarcRecord $one, MarcRecord $other): bool
    {
        return preg_replace('/^005 .*\n?/m', '', LineText::write($one)) === preg_replace('/^005 .*\n?/m', '', LineText::write($other));
    }
}
