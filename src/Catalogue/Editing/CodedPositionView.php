<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

final readonly class CodedPositionView
{
    /** @param list<CodeView> $values empty when anything may stand there */
    public function __construct(public int $from, public int $length, public string $name, public array $values)
    {
    }
}
