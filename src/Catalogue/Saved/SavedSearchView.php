<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Saved;

final readonly class SavedSearchView
{
    /** @param string $by whose it is */
    public function __construct(public int $id, public string $name, public string $question, public bool $isShared, public bool $isMine, public string $by)
    {
    }
}
