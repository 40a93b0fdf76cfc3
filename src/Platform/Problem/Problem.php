<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

/**
 * What went wrong, for the one who asked: a code for programs and one clear sentence for people (RFC 9457).
 */
abstract class Problem extends \RuntimeException
{
    /** @param array<string, mixed> $members what the problem details carry beyond code and sentence */
    public function __construct(
        public readonly int $status,
        public readonly string $title,
        public readonly string $problemCode,
        string $sentence,
        public readonly array $members = [],
    ) {
        parent::__construct($sentence);
    }
}
