<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

/**
 * The answer to "may this be lent?", with all its reasons.
 */
final readonly class LendingDecision
{
    /** @param list<Reason> $reasons */
    private function __construct(public array $reasons)
    {
    }

    public static function from(Reason ...$reasons): self
    {
        return new self(array_values($reasons));
    }

    public function outcome(): Outcome
    {
        return match (true) {
            [] !== $this->blocking() => Outcome::Refused,
            [] !== $this->reasons => Outcome::YesWithMessage,
            default => Outcome::Yes,
        };
    }

    /** @return list<Reason> */
    public function blocking(): array
    {
        return array_values(array_filter($this->reasons, static fn (Reason $reason): bool => $reason->blocks));
    }

    /**
     * Can somebody with these permissions override everything that stands in the way?
     *
     * @param list<string> $permissions
     */
    public function canBeLiftedWith(array $permissions): bool
    {
        foreach ($this->blocking() as $reason) {
            if (null === $reason->liftedBy || !\in_array($reason->liftedBy->value, $permissions, true)) {
                return false;
            }
        }

        return true;
    }
}
