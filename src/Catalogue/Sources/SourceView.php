<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

final readonly class SourceView
{
    public function __construct(public string $code, public string $name)
    {
    }
}
