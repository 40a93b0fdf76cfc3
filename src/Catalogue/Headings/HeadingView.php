<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Headings;

use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\Subfield;

/**
 * A heading of the own catalogue.
 */
final readonly class HeadingView
{
    /**
     * @param string $kind    n (name), s (subject), g (genre) or t (series)
     * @param string $written its subfields, as in `$aTides$zSkellin`
     * @param string $text    the same to be read: `Tides · Skellin`
     * @param int    $records how many records have it
     */
    public function __construct(public string $kind, public string $written, public string $text, public int $records)
    {
    }

    public static function of(string $kind, string $written, int $records): self
    {
        $text = '';
        foreach (self::subfields($written) as $subfield) {
            $text .= ('' === $text ? '' : (str_contains('vxyz', $subfield->code) ? ' · ' : ' ')).$subfield->value;
        }

        return new self($kind, $written, $text, $records);
    }

    public static function plain(string $written): string
    {
        return implode(' ', array_map(static fn (Subfield $subfield): string => $subfield->value, self::subfields($written)));
    }

    /** @return list<Subfield> */
    public static function subfields(string $written): array
    {
        $field = LineText::parseField('999 ## '.$written);

        return $field instanceof DataField ? $field->subfields : [];
    }
}
