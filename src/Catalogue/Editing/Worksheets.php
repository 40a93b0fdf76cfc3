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
    /** Characters of a field's own label and of the help beside it. */
    private const LONGEST = ['labels' => 120, 'hints' => 500];

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

        return new Worksheet(self::places($rule->content['required'] ?? []), self::places($rule->content['recommended'] ?? []), self::texts($rule->content['labels'] ?? []));
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

        foreach (self::LONGEST as $list => $longest) {
            foreach (self::texts($content[$list] ?? []) as $place => $text) {
                if (!Worksheet::isPlace((string) $place)) {
                    $problems[$list] = \sprintf('"%s" is no field. Write a tag, or a tag and a subfield as in 245$a.', $place);
                } elseif (mb_strlen($text) > $longest) {
                    $problems[$list] = \sprintf('What is said of %s has more than %d characters. Shorten it.', $place, $longest);
                }
            }
        }

        return $problems;
    }

    /** A place as people call it: `Title statement: Title (245$a)`, or with the label that the worksheet has for it. */
    public static function named(string $place, ?Worksheet $worksheet): string
    {
        $label = $worksheet->labels[$place] ?? '';
        if ('' !== $label) {
            return \sprintf('%s (%s)', $label, $place);
        }
        $field = Definitions::field(substr($place, 0, 3));
        $subfield = $field?->subfields[substr($place, 4)] ?? null;

        return null === $field ? $place : \sprintf('%s%s (%s)', $field->name, null === $subfield ? '' : ': '.$subfield->name, $place);
    }

    /** @return array<string, string> by place */
    private static function texts(mixed $texts): array
    {
        $byPlace = [];
        foreach (\is_array($texts) ? $texts : [] as $place => $text) {
            $byPlace[(string) $place] = \is_string($text) ? $text : '';
        }

        return $byPlace;
    }

    /** @return list<string> */
    private static function places(mixed $list): array
    {
        return \is_array($list) ? array_values(array_filter($list, \is_string(...))) : [];
    }
}
