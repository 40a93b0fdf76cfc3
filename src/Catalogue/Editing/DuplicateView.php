<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Catalogue\FieldPairView;
use TinLantern\Catalogue\Matching\LikenessPartView;

/**
 * A record of the catalogue that describes the same title.
 */
final readonly class DuplicateView
{
    /**
     * @param string                 $on       by which key it was found: control, isbn, issn or title
     * @param list<LikenessPartView> $likeness
     * @param list<FieldPairView>    $pairs    the catalogue's on the left
     */
    public function __construct(public int $record, public int $version, public string $title, public string $on, public float $score, public array $likeness, public array $pairs)
    {
    }
}
