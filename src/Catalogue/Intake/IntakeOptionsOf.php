<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Matching\MatchRules;
use TinLantern\Catalogue\RecordItems;
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
    public function __construct(private HouseLists $lists, private MatchRules $rules, private RecordItems $items, private RecordTreatmentOf $treatmentOf)
    {
    }

    /**
     * @param bool $again whether a file that was taken in before is taken in once more
     *
     * @throws Invalid with a sentence for each choice that is not possible
     */
    public function __invoke(IntakeChoices $choices, bool $again = false): IntakeOptions
    {
        $sentences = array_filter([
            'matchRule' => self::unknown('match rule', $choices->matchRule, $this->rules->codes(), true),
            'branch' => self::unknown('branch', $choices->branch, array_column($this->lists->branches(), 'code')),
            'location' => self::unknown('shelving location', $choices->location, array_column($this->lists->locations(), 'code')),
            'lendingClass' => self::unknown('lending class', $choices->lendingClass, array_column($this->lists->lendingClasses(), 'code')),
            'items' => self::problemOf(static fn () => ItemMapping::parse($choices->items)),
            'columns' => self::problemOf(static fn () => ColumnMapping::of($choices->columns ?? [])),
            'preset' => self::unknown('item preset', $choices->preset, $this->items->presets()),
            'tidyRules' => self::unknown('set of tidy rules', $choices->tidyRules, $this->treatmentOf->tidyRules()),
            'worksheet' => self::unknown('worksheet', $choices->worksheet, $this->treatmentOf->worksheets()),
            'keptFields' => self::problemOfTags($choices->keptFields),
        ], static fn (?string $sentence): bool => null !== $sentence);
        if ([] !== $sentences) {
            throw new Invalid($sentences);
        }

        return new IntakeOptions(
            ItemMapping::parse($choices->items),
            $this->defaults($choices),
            $again,
            $choices->matchRule,
            OnMatch::from($choices->onMatch),
            OnNew::from($choices->onNew),
            $choices->keptFields,
            $choices->columns,
            ($this->treatmentOf)($choices->tidyRules, $choices->worksheet),
        );
    }

    /** What was chosen goes before what the preset says, and that before the first of each list. */
    private function defaults(IntakeChoices $choices): IntakeDefaults
    {
        $preset = $this->items->preset($choices->preset) ?? [];

        return new IntakeDefaults(
            $this->lists->branch($choices->branch)->code ?? $this->lists->branch($preset['branch'] ?? '')->code ?? self::firstOf($this->lists->branches()),
            $this->lists->location($choices->location)->code ?? $this->lists->location($preset['location'] ?? '')->code ?? self::firstOf($this->lists->locations()),
            $this->lists->lendingClass($choices->lendingClass)->code ?? $this->lists->lendingClass($preset['lendingClass'] ?? '')->code ?? self::firstOf($this->lists->lendingClasses()),
            $choices->preset,
            array_diff_key($preset, ['branch' => '', 'location' => '', 'lendingClass' => '']),
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

    /** @param list<string> $codes */
    private static function unknown(string $what, string $code, array $codes, bool $isNeeded = false): ?string
    {
        return \in_array($code, $codes, true) || ('' === $code && !$isNeeded) ? null : \sprintf('There is no %s "%s". Choose one of: %s.', $what, $code, implode(', ', $codes));
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
