<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Core\Marc\Definition\CodedPosition;
use TinLantern\Core\Marc\Definition\Definitions;
use TinLantern\Core\Marc\Definition\Material;

/**
 * What MARC 21 says, for the one who enters a record.
 */
final readonly class DefinitionsView
{
    /**
     * @param list<FieldDefinitionView> $fields
     * @param list<CodedFieldView>      $coded
     * @param list<CodeView>            $categories007 names by first character
     * @param list<CodeView>            $materials006  kind of material by first character
     */
    public function __construct(public array $fields, public array $coded, public array $categories007, public array $materials006)
    {
    }

    public static function make(): self
    {
        $fields = [];
        foreach (Definitions::tags() as $tag) {
            $field = Definitions::field($tag);
            if (null !== $field) {
                $fields[] = FieldDefinitionView::of($field);
            }
        }
        $coded = [new CodedFieldView('LDR', '', self::positions('LDR', ''))];
        foreach (Material::cases() as $material) {
            $coded[] = new CodedFieldView('008', $material->value, self::positions('008', $material->value));
            $coded[] = new CodedFieldView('006', $material->value, self::positions('006', $material->value));
        }
        foreach (array_keys(Definitions::names('007 categories')) as $category) {
            $coded[] = new CodedFieldView('007', (string) $category, self::positions('007', (string) $category));
        }

        return new self(
            $fields,
            $coded,
            CodeView::listed(Definitions::names('007 categories')),
            CodeView::listed(Definitions::names('006 materials')),
        );
    }

    /** @return list<CodedPositionView> */
    private static function positions(string $field, string $kind): array
    {
        return array_map(
            static fn (CodedPosition $position): CodedPositionView => new CodedPositionView($position->from, $position->length, $position->name, CodeView::listed($position->values)),
            Definitions::positions($field, $kind),
        );
    }
}
