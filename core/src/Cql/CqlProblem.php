<?php

declare(strict_types=1);

namespace TinLantern\Core\Cql;

/**
 * Why a query cannot be answered, by the number of its SRU diagnostic.
 *
 * @see SRU diagnostics list, info:srw/diagnostic/1
 */
final class CqlProblem extends \InvalidArgumentException
{
    public function __construct(public readonly int $diagnostic, string $message, public readonly string $details = '')
    {
        parent::__construct($message);
    }

    public static function syntax(string $details): self
    {
        return new self(10, 'Query syntax error', $details);
    }

    public static function unsupportedIndex(string $index): self
    {
        return new self(16, 'Unsupported index', $index);
    }

    public static function unsupportedRelation(string $relation): self
    {
        return new self(19, 'Unsupported relation', $relation);
    }

    public static function unsupportedTerm(string $term): self
    {
        return new self(36, 'Term in invalid format for index or relation', $term);
    }

    public static function tooManySortKeys(): self
    {
        return new self(84, 'Too many sort keys to sort', 'at most one');
    }

    public static function unsupportedSort(string $index): self
    {
        return new self(88, 'Unsupported path for sort', $index);
    }

    public static function unsupportedDirection(string $index): self
    {
        return new self(90, 'Unsupported direction', $index);
    }

    public static function unsupportedBoolean(string $operator): self
    {
        return new self(37, 'Unsupported boolean operator', $operator);
    }
}
