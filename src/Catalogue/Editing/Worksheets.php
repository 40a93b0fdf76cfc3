<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Core\Marc\Definition\Definitions;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\Unreadable;
use TinLantern\Core\Marc\Worksheet\Worksheet;
use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleKind;

/**
 * The worksheets of the house.
 */
final readonly class Worksheets implements RuleKind
{
    public function __construct(private RuleBook $book)
    {
    }

    public static function kind(): string
    {
        return 'worksheet';
    }

    public function find(string $code): ?Worksheet
    {
        $rule = $this->book->find(self::kind(), $code);
        if (null === $rule) {
            return null;
        }

        return new Worksheet(self::places($rule->content['required'] ?? []), self::places($rule->content['recommended'] ?? []));
    }

    public function problems(array $content): array
    {
        $problems = [];
        try {
            $beginning = $content['beginning'] ?? '';
            LineText::parse(str_replace('{today}', '260101', \is_string($beginning) ? $beginning : ''));
        } catch (Unreadable $unreadable) {
            $problems['beginning'] = $unreadable->getMessage();
        }
        foreach (['required', 'recommended'] as $list) {
            foreach (self::places($content[$list] ?? []) as $place) {
                if (!Worksheet::isPlace($place)) {
                    $problems[$list] = \sprintf('"%s" is no field. Write a tag, or a tag and a subfield as in 245$a.', $place);
                }
            }
        }

        return $problems;
    }

    /** A place as people call it: `Title statement, Title (245$a)`. */
    public static function named(string $place): string
    {
        $field = Definitions::field(substr($place, 0, 3));
        $subfield = $field?->subfields[substr($place, 4)] ?? null;

        return null === $field ? $place : \sprintf('%s%s (%s)', $field->name, null === $subfield ? '' : ': '.$subfield->name, $place);
    }

    /** @return list<string> */
    private static function places(mixed $list): array
    {
        return \is_array($list) ? array_values(array_filter($list, \is_string(...))) : [];
    }
}
