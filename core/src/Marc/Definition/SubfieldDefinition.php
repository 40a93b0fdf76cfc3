<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Definition;

final readonly class SubfieldDefinition
{
    public function __construct(public string $code, public string $name, public bool $isRepeatable)
    {
    }
}
