<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

final readonly class Violation
{
    public function __construct(public string $field, public string $sentence)
    {
    }
}
