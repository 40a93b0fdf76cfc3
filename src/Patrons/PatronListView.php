<?php

declare(strict_types=1);

namespace TinLantern\Patrons;

final readonly class PatronListView
{
    /**
     * @param list<PatronLineView> $patrons
     * @param string|null          $after   where the next page begins; null on the last one
     */
    public function __construct(public array $patrons, public ?string $after)
    {
    }
}
