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
use TinLantern\Core\Matching\MatchFacts;
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
        $match = $this->matches([$marc])[0];
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

    /**
     * The numbers of the records that the catalogue has of the same titles.
     *
     * @param list<MarcRecord> $records
     *
     * @return list<int|null> in the same order
     */
    public function ownOf(array $records): array
    {
        return array_map(static fn (?RecordMatch $match): ?int => $match?->id, $this->matches($records));
    }

    /**
     * @param list<MarcRecord> $records
     *
     * @return list<RecordMatch|null> in the same order
     */
    private function matches(array $records): array
    {
        $rule = $this->rules->find(IntakeOptions::STANDARD_RULE);
        if (null === $rule) {
            return array_map(static fn (): null => null, $records);
        }
        $facts = array_map(static fn (MarcRecord $marc): MatchFacts => DescribedRecord::of($marc)->facts(), $records);
        $holders = $this->keys->holders(array_merge([], ...array_map($rule->keysOf(...), $facts)));
        $known = $this->keys->facts(array_merge([], ...array_values($holders)));

        return array_map(static function (MatchFacts $ofRecord) use ($rule, $holders, $known): ?RecordMatch {
            $candidates = array_merge([], ...array_map(static fn (string $key): array => $holders[$key] ?? [], $rule->keysOf($ofRecord)));
            $match = $rule->best($ofRecord, array_intersect_key($known, array_flip($candidates)));

            return true === $match?->agrees ? $match : null;
        }, $facts);
    }
}
