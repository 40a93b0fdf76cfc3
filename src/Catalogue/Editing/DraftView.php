<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

final readonly class DraftView
{
    /** @param string|null $text null when there is no draft */
    public function __construct(public ?string $text, public string $worksheet, public int $begunFrom, public ?\DateTimeImmutable $savedAt)
    {
    }
}
