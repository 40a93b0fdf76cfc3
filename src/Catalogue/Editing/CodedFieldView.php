<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

final readonly class CodedFieldView
{
    /**
     * @param string                  $field     LDR, 006, 007 or 008
     * @param string                  $kind      of material for 006 and 008, the category for 007
     * @param list<CodedPositionView> $positions
     */
    public function __construct(public string $field, public string $kind, public array $positions)
    {
    }
}
