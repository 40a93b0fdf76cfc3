<?php

declare(strict_types=1);

namespace TinLantern\Holdings;

use Doctrine\DBAL\Connection;
use TinLantern\Core\Calendar\Day;
use TinLantern\Holdings\Repository\Items;
use TinLantern\Journal\Journal;
use TinLantern\Journal\Subject;
use TinLantern\Platform\Cli\ConsoleActor;
use TinLantern\Platform\Database\Transaction;
use TinLantern\Platform\Upkeep\Rhythm;
use TinLantern\Platform\Upkeep\UpkeepWork;

/**
 * Items whose time at a temporary location is over go back to their own by themselves, on the day after the last.
 */
final readonly class FallBackFromTemporaryPlaces implements UpkeepWork
{
    public function __construct(
        private Connection $connection,
        private Transaction $transaction,
        private Items $items,
        private Journal $journal,
        private ConsoleActor $actor,
        private \DateTimeZone $houseZone,
    ) {
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::EachMinute;
    }

    public function __invoke(\DateTimeImmutable $now): void
    {
        $today = Day::at($now, $this->houseZone);
        $ids = $this->connection->fetchFirstColumn('SELECT id FROM item WHERE temporary_until < ? ORDER BY id', [(string) $today]);
        foreach ($ids as $id) {
            $this->transaction->run(function () use ($id, $today): void {
                $item = $this->items->lock(is_numeric($id) ? (int) $id : 0);
                $details = $item?->details();
                if (null === $item || null === $details?->temporaryUntil || !$details->temporaryUntil->isBefore($today)) {
                    return;
                }
                $item->fallBack();
                $this->items->save($item);
                $this->journal->tell(($this->actor)(), 'item-fell-back', Subject::Item, $item->id(), ['temporaryLocationId' => $details->temporaryLocationId, 'temporaryUntil' => $details->temporaryUntil], ['temporaryLocationId' => null, 'temporaryUntil' => null]);
            });
        }
    }
}
