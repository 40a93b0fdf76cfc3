<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Catalogue\FieldPairView;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Matching\LikenessPartView;
use TinLantern\Catalogue\Matching\MatchKeys;
use TinLantern\Catalogue\Matching\MatchRules;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Matching\RecordMatch;

/**
 * Finds the record that the catalogue has of the same title already.
 */
final readonly class Duplicates
{
    public function __construct(private MatchRules $rules, private MatchKeys $keys, private Records $records)
    {
    }

    /** @return list<DuplicateView> the best one, or none; the catalogue's on the left, the new one on the right */
    public function of(MarcRecord $marc): array
    {
        $match = $this->match($marc);
        $own = null === $match ? null : $this->records->find($match->id);
        if (null === $match || null === $own) {
            return [];
        }

        return [new DuplicateView(
            $own->id,
            $own->version,
            DescribedRecord::of($own->marc())->brief->title,
            $match->on->value,
            $match->likeness->score,
            LikenessPartView::of($match->likeness),
            FieldPairView::between($own->marc(), $marc),
        )];
    }

    /** The number of the record that the catalogue has of the same title, or null. */
    public function ownOf(MarcRecord $marc): ?int
    {
        return $this->match($marc)?->id;
    }

    private function match(MarcRecord $marc): ?RecordMatch
    {
        $rule = $this->rules->find(IntakeOptions::STANDARD_RULE);
        $facts = DescribedRecord::of($marc)->facts();
        $candidates = null === $rule ? [] : $this->keys->facts(array_merge([], ...array_values($this->keys->holders($rule->keysOf($facts)))));
        $match = $rule?->best($facts, $candidates);

        return true === $match?->agrees ? $match : null;
    }
}
