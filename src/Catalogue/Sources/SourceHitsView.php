<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

/**
 * What one source has answered.
 */
final readonly class SourceHitsView
{
    /**
     * @param int                 $total        how many it has
     * @param list<SourceHitView> $hits
     * @param int                 $unreadable   how many of these could not be read
     * @param int                 $milliseconds how long it took
     * @param int|null            $after        where the next hits begin; null when these were the last
     */
    public function __construct(
        public string $source,
        public int $total,
        public array $hits,
        public int $unreadable,
        public int $milliseconds,
        public ?int $after,
    ) {
    }
}
