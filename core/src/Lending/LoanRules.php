<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

/**
 * All loan rules of the house. The most specific that applies wins: the one with the most conditions; of those with as many, the
 * one that names the branch, then the lending class, then the membership; then the older.
 */
final readonly class LoanRules
{
    /** @param list<LoanRule> $rules */
    public function __construct(private array $rules)
    {
    }

    public function choose(int $membership, int $lendingClass, int $branch): ?LoanRule
    {
        $best = null;
        foreach ($this->rules as $rule) {
            if ($rule->appliesTo($membership, $lendingClass, $branch) && (null === $best || self::rank($rule) > self::rank($best))) {
                $best = $rule;
            }
        }

        return $best;
    }

    /** @return array{int, int, int, int, int} */
    private static function rank(LoanRule $rule): array
    {
        $branch = (int) (null !== $rule->branch);
        $class = (int) (null !== $rule->lendingClass);
        $membership = (int) (null !== $rule->membership);

        return [$branch + $class + $membership, $branch, $class, $membership, -$rule->id];
    }
}
