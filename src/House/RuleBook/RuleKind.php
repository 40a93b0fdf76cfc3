<?php

declare(strict_types=1);

namespace TinLantern\House\RuleBook;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * Knows what entries of one kind of the rule book have to look like.
 */
#[AutoconfigureTag]
interface RuleKind
{
    public static function kind(): string;

    /**
     * What is wrong with this content.
     *
     * @param array<string, mixed> $content
     *
     * @return array<string, string> sentences by field
     */
    public function problems(array $content): array;
}
