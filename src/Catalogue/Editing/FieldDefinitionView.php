<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Core\Marc\Definition\FieldDefinition;
use TinLantern\Core\Marc\Definition\SubfieldDefinition;

final readonly class FieldDefinitionView
{
    /** @param list<SubfieldDefinition> $subfields */
    public function __construct(
        public string $tag,
        public string $name,
        public bool $isRepeatable,
        public string $indicators1,
        public string $name1,
        public string $indicators2,
        public string $name2,
        public array $subfields,
    ) {
    }

    public static function of(FieldDefinition $field): self
    {
        return new self(
            $field->tag,
            $field->name,
            $field->isRepeatable,
            $field->indicators1,
            $field->name1,
            $field->indicators2,
            $field->name2,
            array_values($field->subfields),
        );
    }
}
