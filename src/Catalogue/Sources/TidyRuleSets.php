<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

use TinLantern\Core\Marc\Tidy\TidyRules;
use TinLantern\Core\Marc\Tidy\TidyStep;
use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleKind;

/**
 * The tidy rules of the house.
 */
final readonly class TidyRuleSets implements RuleKind
{
    public function __construct(private RuleBook $book)
    {
    }

    public static function kind(): string
    {
        return 'tidy-rules';
    }

    public function problems(array $content): array
    {
        try {
            self::steps($content['steps'] ?? []);

            return [];
        } catch (\InvalidArgumentException $wrong) {
            return ['steps' => $wrong->getMessage()];
        }
    }

    public function find(string $code): ?TidyRules
    {
        $rule = $this->book->find(self::kind(), $code);

        return null === $rule ? null : self::steps($rule->content['steps'] ?? []);
    }

    /** @throws \InvalidArgumentException */
    public static function steps(mixed $written): TidyRules
    {
        return new TidyRules(array_map(TidyStep::of(...), self::written($written)));
    }

    /** @return list<array<string, string>> the steps as texts by name */
    public static function written(mixed $steps): array
    {
        $written = [];
        foreach (\is_array($steps) ? $steps : [] as $step) {
            $texts = [];
            foreach (\is_array($step) ? $step : [] as $name => $text) {
                $texts[(string) $name] = \is_scalar($text) ? (string) $text : '';
            }
            $written[] = $texts;
        }

        return $written;
    }
}
