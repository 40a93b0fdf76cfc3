<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

/**
 * Another record that has a key in common.
 */
final readonly class RecordMatch
{
    /**
     * @param KeyKind $on     on which key
     * @param bool    $agrees whether it agrees in everything that the rule requires; if not, it is only near
     */
    public function __construct(public int $id, public KeyKind $on, public Likeness $likeness, public bool $agrees)
    {
    }

    public function isBetterThan(?self $other): bool
    {
        return null === $other || [$this->agrees, $this->likeness->score] > [$other->agrees, $other->likeness->score];
    }
}
