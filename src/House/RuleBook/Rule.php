<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

/**
 * One entry of the rule book, such as a match rule or a worksheet: a code, a name, and content in the form of its kind.
 */
final readonly class Rule
{
    /**
     * @param int                  $version 0 for one that is as Tin Lantern brought it
     * @param array<string, mixed> $content
     */
    public function __construct(public string $code, public string $name, public int $position, public int $version, public array $content)
    {
    }
}
