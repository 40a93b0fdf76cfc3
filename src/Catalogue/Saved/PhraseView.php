<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Saved;

final readonly class PhraseView
{
    public function __construct(public int $id, public string $tag, public string $text)
    {
    }
}
