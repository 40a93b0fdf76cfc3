<?php

declare(strict_types=1);

namespace TinLantern\Core\Tabular;

use TinLantern\Core\Marc\ItemProperty;

/**
 * Where the cells of a column go: to a subfield of the record (`245$a`), to a property of its item (`item:barcode`), or nowhere.
 */
final readonly class Target
{
    /**
     * @param string $tag  empty for a property of the item
     * @param string $code empty for a property of the item
     */
    private function __construct(public string $written, public string $tag, public string $code, public ?ItemProperty $property)
    {
    }

    /** @throws \InvalidArgumentException with a sentence that says what to write */
    public static function of(string $written): self
    {
        if (1 === preg_match('/^([0-9]{3})\$([0-9a-z])$/D', $written, $parts) && $parts[1] >= '010') {
            return new self($written, $parts[1], $parts[2], null);
        }
        $property = str_starts_with($written, 'item:') ? ItemProperty::tryFrom(substr($written, 5)) : null;
        if (null !== $property) {
            return new self($written, '', '', $property);
        }
        throw new \InvalidArgumentException(\sprintf('"%s" is no place for a column. Write a tag and a subfield as in 245$a, or one of item:%s.', $written, implode(', item:', array_column(ItemProperty::cases(), 'value'))));
    }
}
