<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

use TinLantern\Catalogue\FieldPairView;

/**
 * What a fetched record becomes.
 */
final readonly class TakeOverView
{
    /**
     * @param string              $text    what would be saved
     * @param list<string>        $tidied  what the tidy rules did, a line for each
     * @param list<FieldPairView> $pairs   ours as it is on the left, as it would be on the right
     * @param int|null            $version of ours, to save from
     */
    public function __construct(public string $text, public array $tidied, public array $pairs, public ?int $version)
    {
    }
}
