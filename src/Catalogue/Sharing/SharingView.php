<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sharing;

final readonly class SharingView
{
    /**
     * @param \DateTimeImmutable|null $harvestedAt when the union catalogue last fetched what has changed; null for never
     * @param int                     $changed     records that were changed or removed since
     */
    public function __construct(public ?\DateTimeImmutable $harvestedAt, public int $changed)
    {
    }
}
