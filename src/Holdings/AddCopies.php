<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Doctrine\DBAL\Connection;
use Symfony\Component\Validator\Validator\ValidatorInterface;
use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Holdings\Entity\Item;
use TinLantern\Holdings\Labels\WaitingLabels;
use TinLantern\Holdings\Presets\BarcodeRanges;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Adds several copies of a title, or the volumes of one more copy, in one act: all of them, or none. Copy numbers go on behind those that are there.
 */
final readonly class AddCopies
{
    public function __construct(
        private Transaction $transaction,
        private Connection $connection,
        private Records $records,
        private Items $items,
        private ItemDetailsOf $detailsOf,
        private BarcodeRanges $ranges,
        private WaitingLabels $labels,
        private Derived $derived,
        private Journal $journal,
        private ValidatorInterface $validator,
    ) {
    }

    public function __invoke(int $recordId, CopiesForm $form, Actor $actor): CopiesView
    {
        return $this->transaction->once($form->id, (object) ['record' => $recordId, 'copies' => $form], CopiesView::class, function () use ($recordId, $form, $actor): CopiesView {
            if ([] === $this->records->lock([$recordId])) {
                throw NotFound::of('record', $recordId);
            }
            $barcodes = array_values(array_filter(array_map(trim(...), $form->barcodes), static fn (string $barcode): bool => '' !== $barcode));
            if ([] === $barcodes) {
                $barcodes = $this->ranges->take($form->range, $form->copies);
            }
            $copy = 1 + $this->lastCopy($recordId, $form->areVolumes);
            $ids = [];
            foreach ($barcodes as $place => $barcode) {
                $item = $this->item($recordId, $form->item($barcode, (string) ($form->areVolumes ? $copy : $copy + $place), $place));
                $this->items->save($item);
                $ids[] = $item->id();
                $this->journal->tell($actor, 'item-added', Subject::Item, $item->id(), null, ['recordId' => $recordId] + $item->details()->told());
            }
            $this->labels->add($ids);
            $this->derived->itemsChanged($recordId);

            return new CopiesView($ids, $barcodes);
        });
    }

    private function item(int $recordId, ItemForm $form): Item
    {
        $sentences = [];
        foreach ($this->validator->validate($form) as $violation) {
            $sentences[$violation->getPropertyPath()] ??= \sprintf('%s: %s', $form->barcode, (string) $violation->getMessage());
        }
        if ([] !== $sentences) {
            throw new Invalid($sentences);
        }

        return Item::onRecord($recordId, ($this->detailsOf)($form));
    }

    /** Items without a copy number count as one each, but not those of a set. */
    private function lastCopy(int $recordId, bool $areVolumes): int
    {
        $last = $this->connection->fetchOne("SELECT MAX(CAST(copy AS UNSIGNED)) FROM item WHERE record_id = ? AND copy REGEXP '^[0-9]{1,6}$'", [$recordId]);
        $count = $areVolumes ? 0 : $this->connection->fetchOne("SELECT COUNT(*) FROM item WHERE record_id = ? AND volume = ''", [$recordId]);

        return max(is_numeric($last) ? (int) $last : 0, is_numeric($count) ? (int) $count : 0);
    }
}
