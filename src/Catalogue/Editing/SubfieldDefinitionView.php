<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

final readonly class SubfieldDefinitionView
{
    public function __construct(public string $code, public string $name, public bool $isRepeatable)
    {
    }
}
