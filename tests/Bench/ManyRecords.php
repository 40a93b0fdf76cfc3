<?php

declare(strict_types=1);

namespace TinLantern\Tests\Bench;

use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Subfield;
use TinLantern\Demo\DemoRecords;
use TinLantern\Demo\Dice;

/**
 * The demo world's records with the vocabulary of a large catalogue: three invented words more in each title, spread as words are
 * (the second most common stands half as often as the most common, and so on), and authors of twenty thousand families.
 */
final readonly class ManyRecords
{
    private const WORDS = 60_000;
    private const FAMILIES = 20_000;

    public function __construct(private DemoRecords $records, private Dice $dice)
    {
    }

    /** @return \Generator<int, MarcRecord> */
    public function make(int $count): \Generator
    {
        foreach ($this->records->make($count) as $record) {
            yield $record->withFields(array_map(fn ($field) => $field instanceof DataField ? $this->varied($field) : $field, $record->fields));
        }
    }

    private function varied(DataField $field): DataField
    {
        $subfields = $field->subfields;
        if ('245' === $field->tag) {
            array_splice($subfields, 1, 0, [new Subfield('b', self::word(self::rank($this->dice)).' '.self::word(self::rank($this->dice)).' '.self::word(self::rank($this->dice)).' /')]);
        } elseif ('100' === $field->tag) {
            $subfields[0] = new Subfield('a', ucfirst(self::word($this->dice->between(1, self::FAMILIES))).', '.ucfirst(self::word($this->dice->between(1, 400))).',');
        }

        return new DataField($field->tag, $field->indicator1, $field->indicator2, array_values($subfields));
    }

    /** A rank in the vocabulary, as it falls in running text (Zipf). */
    public static function rank(Dice $dice): int
    {
        return (int) (self::WORDS ** ($dice->between(0, 1_000_000) / 1_000_000));
    }

    /** The invented word of a rank. */
    public static function word(int $rank): string
    {
        $syllables = ['ka', 'ren', 'sol', 'mi', 'tor', 'va', 'lun', 'esk', 'dra', 'pel', 'wyn', 'gor', 'tha', 'bri', 'num', 'ost', 'fal', 'hem', 'jor', 'qui'];
        $word = '';
        for ($rest = $rank * 7919; $rest > 0; $rest = intdiv($rest, 20)) {
            $word .= $syllables[$rest % 20];
        }

        return $word;
    }
}
