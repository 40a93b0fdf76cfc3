<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Core\Marc\FieldDifference;
use TinLantern\Core\Marc\FieldDifferences;
use TinLantern\Core\Marc\MarcRecord;

/**
 * A field of two records side by side, as lines of text; null where one of them has none.
 */
final readonly class FieldPairView
{
    public function __construct(public string $tag, public ?string $left, public ?string $right, public bool $isSame)
    {
    }

    /** @return list<self> */
    public static function between(MarcRecord $left, MarcRecord $right): array
    {
        return array_map(
            static fn (FieldDifference $pair): self => new self($pair->tag, $pair->left, $pair->right, $pair->isSame()),
            FieldDifferences::between($left, $right),
        );
    }
}
