<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

use TinLantern\Catalogue\RecordLineView;
use TinLantern\Holdings\ItemView;
use TinLantern\Patrons\PatronLineView;

final readonly class FoundView
{
    /**
     * @param list<PatronLineView> $patrons
     * @param list<RecordLineView> $records
     */
    public function __construct(public array $patrons, public array $records, public ?ItemView $item)
    {
    }
}
