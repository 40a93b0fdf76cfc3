<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Labels;

use TinLantern\Core\Labels\LabelSheet;
use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleKind;

/**
 * The sheets and rolls that the house prints labels on.
 */
final readonly class LabelSheets implements RuleKind
{
    private const LENGTHS = ['pageWidth', 'pageHeight', 'columns', 'rows', 'left', 'top', 'width', 'height', 'stepX', 'stepY', 'textSize'];

    public function __construct(private RuleBook $book)
    {
    }

    public static function kind(): string
    {
        return 'label-sheet';
    }

    public function problems(array $content): array
    {
        foreach (self::LENGTHS as $name) {
            $length = $content[$name] ?? null;
            if (!\is_int($length) && !\is_float($length) || $length < 0 || $length > 2000) {
                return [$name => \sprintf('Give %s in millimetres (textSize in points).', $name)];
            }
        }

        return self::sheet($content)->fits() ? [] : ['columns' => 'This many labels do not fit on the page. Make them smaller, or the page larger.'];
    }

    public function find(string $code): ?LabelSheet
    {
        $rule = $this->book->find(self::kind(), $code);

        return null === $rule ? null : self::sheet($rule->content);
    }

    /** @param array<string, mixed> $content */
    private static function sheet(array $content): LabelSheet
    {
        $length = static fn (string $name): float => is_numeric($content[$name] ?? null) ? (float) $content[$name] : 0.0;

        return new LabelSheet($length('pageWidth'), $length('pageHeight'), (int) $length('columns'), (int) $length('rows'), $length('left'), $length('top'), $length('width'), $length('height'), $length('stepX'), $length('stepY'), $length('textSize'));
    }
}
