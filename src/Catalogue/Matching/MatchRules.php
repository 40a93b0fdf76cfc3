<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Matching;

use TinLantern\Core\Matching\KeyKind;
use TinLantern\Core\Matching\LikenessAspect;
use TinLantern\Core\Matching\MatchRule;
use TinLantern\House\RuleBook\RuleBook;

/**
 * The match rules of the house.
 */
final readonly class MatchRules
{
    public const KIND = 'match-rule';

    public function __construct(private RuleBook $book)
    {
    }

    public function find(string $code): ?MatchRule
    {
        $rule = $this->book->find(self::KIND, $code);

        return null === $rule ? null : new MatchRule(
            array_map(KeyKind::from(...), self::texts($rule->content['keys'] ?? [])),
            array_map(LikenessAspect::from(...), self::texts($rule->content['agreement'] ?? [])),
        );
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
