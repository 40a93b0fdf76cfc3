<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

use TinLantern\Core\Sru\SruVersion;
use TinLantern\House\RuleBook\Rule;
use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleKind;

/**
 * The outside catalogues that the house asks.
 */
final readonly class Sources implements RuleKind
{
    public const BY = ['isbn', 'title', 'author', 'number'];

    public function __construct(private RuleBook $book, private string $standinPort)
    {
    }

    public static function kind(): string
    {
        return 'source';
    }

    public function problems(array $content): array
    {
        $problems = [];
        $url = $content['url'] ?? '';
        if (!\is_string($url) || 1 !== preg_match('~^https?://[^\s/]+~', $url)) {
            $problems['url'] = 'Give the address of the SRU server, beginning with http:// or https://.';
        }
        if (null === SruVersion::tryFrom(self::text($content['version'] ?? ''))) {
            $problems['version'] = 'The version is 1.1, 1.2 or 2.0.';
        }
        $limit = $content['timeLimit'] ?? 5;
        if (!\is_int($limit) || $limit < 1 || $limit > 30) {
            $problems['timeLimit'] = 'The time limit is from 1 to 30 seconds.';
        }

        return $problems;
    }

    public function find(string $code): ?Source
    {
        $rule = $this->book->find(self::kind(), $code);

        return null === $rule ? null : $this->source($rule);
    }

    /** @return list<SourceView> */
    public function listed(): array
    {
        return array_values(array_map(static fn (Rule $rule): SourceView => new SourceView($rule->code, $rule->name), $this->book->all(self::kind())));
    }

    private function source(Rule $rule): Source
    {
        $indexes = [];
        foreach (self::BY as $by) {
            $named = \is_array($rule->content['indexes'] ?? null) ? $rule->content['indexes'][$by] ?? null : null;
            $indexes[$by] = \is_string($named) ? $named : 'cql.serverChoice';
        }
        $limit = $rule->content['timeLimit'] ?? 5;

        return new Source(
            $rule->code,
            $rule->name,
            str_replace('{standins}', $this->standinPort, self::text($rule->content['url'] ?? '')),
            SruVersion::tryFrom(self::text($rule->content['version'] ?? '')) ?? SruVersion::V12,
            \is_int($limit) ? $limit : 5,
            $indexes,
        );
    }

    private static function text(mixed $value): string
    {
        return \is_scalar($value) ? (string) $value : '';
    }
}
