<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Search;

use TinLantern\Platform\Upkeep\Rhythm;
use TinLantern\Platform\Upkeep\UpkeepWork;

/**
 * What could not be delivered to an outside engine goes there as soon as it is back.
 */
final readonly class DeliverWaitingDocuments implements UpkeepWork
{
    public function __construct(private SearchOutbox $outbox, private SearchIndex $index)
    {
    }

    public function rhythm(): Rhythm
    {
        return Rhythm::EachMinute;
    }

    public function __invoke(\DateTimeImmutable $now): void
    {
        if ($this->index instanceof SphinxSearchIndex) {
            $this->outbox->deliverAll();
        }
    }
}
