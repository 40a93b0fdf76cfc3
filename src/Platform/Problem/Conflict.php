<?php

declare(strict_types=1);

namespace TinLantern\Platform\Problem;

/**
 * What was asked for does not go with how things are now.
 */
final class Conflict extends Problem
{
    /** @param array<string, mixed> $members */
    public function __construct(string $code, string $sentence, array $members = [])
    {
        parent::__construct(409, 'This does not go with how things are now', $code, $sentence, $members);
    }

    /** A save that began from an older version; $current is how it is now, to be shown beside what was sent. */
    public static function stale(string $what, object $current): self
    {
        return new self('stale', \sprintf('This %s was changed by somebody else in the meantime. Compare both and save again.', $what), ['current' => $current]);
    }
}
