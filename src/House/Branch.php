<?php

declare(strict_types=1);

namespace TinLantern\House;

final readonly class Branch
{
    public function __construct(public int $id, public string $code, public string $name)
    {
    }
}
