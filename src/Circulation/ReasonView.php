<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use TinLantern\Core\Lending\LendingDecision;
use TinLantern\Core\Lending\Reason;

/**
 * A reason as the interface needs it; the sentence is made there, from code and figures.
 */
final readonly class ReasonView
{
    /** @param array<string, int|string> $figures */
    public function __construct(public string $code, public array $figures, public bool $blocks, public ?string $liftedBy)
    {
    }

    /** @return list<self> */
    public static function listOf(LendingDecision $decision): array
    {
        return array_map(
            static fn (Reason $reason): self => new self($reason->code, $reason->figures, $reason->blocks, $reason->liftedBy?->value),
            $decision->reasons,
        );
    }
}
