<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Matching;

use TinLantern\Core\Matching\KeyKind;
use TinLantern\Core\Matching\LikenessAspect;
use TinLantern\Core\Matching\MatchRule;
use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleKind;

/**
 * The match rules of the house.
 */
final readonly class MatchRules implements RuleKind
{
    public const KIND = 'match-rule';

    public function __construct(private RuleBook $book)
    {
    }

    public static function kind(): string
    {
        return self::KIND;
    }

    public function problems(array $content): array
    {
        $problems = [];
        foreach (['keys' => array_column(KeyKind::cases(), 'value'), 'agreement' => array_column(LikenessAspect::cases(), 'value')] as $field => $known) {
            $wrong = array_diff(self::texts($content[$field] ?? []), $known);
            if ([] !== $wrong) {
                $problems[$field] = \sprintf('"%s" is not known. Choose among: %s.', reset($wrong), implode(', ', $known));
            }
        }

        return $problems;
    }

    public function find(string $code): ?MatchRule
    {
        $rule = $this->book->find(self::KIND, $code);

        return null === $rule ? null : new MatchRule(
            array_map(KeyKind::from(...), self::texts($rule->content['keys'] ?? [])),
            array_map(LikenessAspect::from(...), self::texts($rule->content['agreement'] ?? [])),
        );
    }

    public function get(string $code): MatchRule
    {
        return $this->find($code) ?? throw new \LogicException("There is no match rule {$code}.");
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_map(strval(...), array_keys($this->book->all(self::KIND)));
    }

    /** @return list<string> */
    private static function texts(mixed $list): array
    {
        return \is_array($list) ? array_values(array_filter($list, \is_string(...))) : [];
    }
}
