<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

final class NotFound extends Problem
{
    /** @param array<string, mixed> $members */
    public function __construct(string $code, string $sentence, array $members = [])
    {
        parent::__construct(404, 'Not found', $code, $sentence, $members);
    }

    public static function of(string $what, int|string $key): self
    {
        return new self('unknown-'.str_replace(' ', '-', $what), \sprintf('There is no %s %s.', $what, $key));
    }
}
