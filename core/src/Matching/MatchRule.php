<?php

declare(strict_types=1);

namespace TinLantern\Core\Matching;

/**
 * How a house knows that a record describes a title that it has already: keys in the order in which they are trusted, and in
 * what the two records must not differ all the same.
 */
final readonly class MatchRule
{
    /**
     * @param list<KeyKind>        $keys
     * @param list<LikenessAspect> $agreement
     */
    public function __construct(public array $keys, public array $agreement)
    {
    }

    /**
     * The keys by which records that might match are looked up.
     *
     * @return list<string>
     */
    public function keysOf(MatchFacts $facts): array
    {
        return array_merge([], ...array_map($facts->keysOf(...), $this->keys));
    }

    /**
     * The record that matches best: by the most trusted key, and of those with it the one most alike (of equals the first).
     * Where all that have a key differ in what must agree, the most alike of them is a near match.
     *
     * @param array<int, MatchFacts> $candidates by id
     */
    public function best(MatchFacts $facts, array $candidates): ?RecordMatch
    {
        $near = null;
        foreach ($this->keys as $kind) {
            $best = null;
            foreach ($candidates as $id => $candidate) {
                if ([] === array_intersect($facts->keysOf($kind), $candidate->keysOf($kind))) {
                    continue;
                }
                $likeness = Likeness::between($facts, $candidate);
                $match = new RecordMatch($id, $kind, $likeness, $likeness->agreesIn($this->agreementOn($kind)));
                $best = $match->isBetterThan($best) ? $match : $best;
            }
            if (null !== $best && $best->agrees) {
                return $best;
            }
            $near = null !== $best && $best->isBetterThan($near) ? $best : $near;
        }

        return $near;
    }

    /**
     * The same edition is not assumed from the title alone.
     *
     * @return list<LikenessAspect>
     */
    private function agreementOn(KeyKind $kind): array
    {
        return KeyKind::Title === $kind
            ? [...$this->agreement, LikenessAspect::Volume, LikenessAspect::Year, LikenessAspect::Edition, LikenessAspect::Format, LikenessAspect::Number]
            : $this->agreement;
    }
}
