<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Matching\MatchRules;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\TagPattern;
use TinLantern\Core\Tabular\ColumnMapping;
use TinLantern\House\Branch;
use TinLantern\House\HouseLists;
use TinLantern\House\LendingClass;
use TinLantern\House\ShelvingLocation;
use TinLantern\Platform\Problem\Invalid;

/**
 * Turns what was chosen into options: looks up what it names.
 */
final readonly class IntakeOptionsOf
{
    public function __construct(private HouseLists $lists, private MatchRules $rules)
    {
    }

    /** @throws Invalid with a sentence for each choice that is not possible */
    public function __invoke(IntakeChoices $choices): IntakeOptions
    {
        $sentences = array_filter([
            'matchRule' => null === $this->rules->find($choices->matchRule) ? \sprintf('There is no match rule "%s". Choose one of the list.', $choices->matchRule) : null,
            'branch' => '' !== $choices->branch && null === $this->lists->branch($choices->branch) ? \sprintf('There is no branch "%s". Choose one of the list.', $choices->branch) : null,
            'location' => '' !== $choices->location && null === $this->lists->location($choices->location) ? \sprintf('There is no shelving location "%s". Choose one of the list.', $choices->location) : null,
            'lendingClass' => '' !== $choices->lendingClass && null === $this->lists->lendingClass($choices->lendingClass) ? \sprintf('There is no lending class "%s". Choose one of the list.', $choices->lendingClass) : null,
            'items' => self::problemOf(static fn () => ItemMapping::parse($choices->items)),
            'columns' => self::problemOf(static fn () => ColumnMapping::of($choices->columns ?? [])),
            'keptFields' => self::problemOfTags($choices->keptFields),
        ], static fn (?string $sentence): bool => null !== $sentence);
        if ([] !== $sentences) {
            throw new Invalid($sentences);
        }

        return new IntakeOptions(
            ItemMapping::parse($choices->items),
            new IntakeDefaults(
                '' === $choices->branch ? self::firstOf($this->lists->branches()) : $choices->branch,
                '' === $choices->location ? self::firstOf($this->lists->locations()) : $choices->location,
                '' === $choices->lendingClass ? self::firstOf($this->lists->lendingClasses()) : $choices->lendingClass,
            ),
            false,
            $choices->matchRule,
            OnMatch::from($choices->onMatch),
            OnNew::from($choices->onNew),
            $choices->keptFields,
            $choices->columns,
        );
    }

    /** @param array<int, Branch|ShelvingLocation|LendingClass> $list */
    private static function firstOf(array $list): string
    {
        foreach ($list as $entry) {
            return $entry->code;
        }
        throw new Invalid(['branch' => 'The house has no branch, shelving location or lending class yet. Set it up first.']);
    }

    private static function problemOf(\Closure $read): ?string
    {
        try {
            $read();

            return null;
        } catch (\InvalidArgumentException $wrong) {
            return $wrong->getMessage();
        }
    }

    /** @param list<string> $tags */
    private static function problemOfTags(array $tags): ?string
    {
        foreach ($tags as $tag) {
            if (!TagPattern::isOne($tag)) {
                return \sprintf('"%s" is no tag. Write tags of three characters, a dot for any: 59., 9..', $tag);
            }
        }

        return null;
    }
}
