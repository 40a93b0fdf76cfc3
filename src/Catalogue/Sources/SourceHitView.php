<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

/**
 * A record of an outside catalogue, and the one that we have of the same title.
 */
final readonly class SourceHitView
{
    /**
     * @param string   $text the record in the canonical text form
     * @param int|null $own  the record that the own catalogue has
     */
    public function __construct(public string $title, public string $author, public string $published, public string $edition, public string $format, public string $text, public ?int $own)
    {
    }
}
