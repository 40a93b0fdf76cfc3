<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Definition;

/**
 * What MARC 21 says of a field.
 */
final readonly class FieldDefinition
{
    /**
     * @param string                            $indicators1 the characters that may stand there, a blank as a space
     * @param string                            $name1       what the first indicator tells; empty when it tells nothing
     * @param array<string, SubfieldDefinition> $subfields   by code
     */
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
}
