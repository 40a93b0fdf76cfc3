<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\FieldPairView;
use TinLantern\Catalogue\Matching\LikenessPartView;

/**
 * A record of a file beside the one that it matches or comes near: the catalogue's on the left, the file's on the right.
 */
final readonly class IntakeRecordView
{
    /**
     * @param string|null            $raw      a broken record as it stands in the file, control characters shown
     * @param list<LikenessPartView> $likeness
     * @param list<FieldPairView>    $pairs
     */
    public function __construct(public IntakeRecordLineView $line, public ?string $raw, public ?string $ownTitle, public array $likeness, public array $pairs)
    {
    }
}
