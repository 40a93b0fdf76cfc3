<?php

declare(strict_types=1);

namespace TinLantern\Core\Tabular;

use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Subfield;

/**
 * Makes brief records of the rows of a spreadsheet. Cells with several values hold them divided by a semicolon or a line break, where
 * a field may be repeated.
 */
final readonly class RowRecords
{
    private const LEADER = '00000nam a22000003i 4500';
    private const REPEATABLE = ['020', '022', '041', '500', '650', '655', '700', '710'];
    private const INDICATORS = ['100' => '1 ', '110' => '2 ', '245' => '00', '264' => ' 1', '490' => '0 ', '650' => ' 4', '655' => ' 4', '700' => '1 '];

    public function __construct(private ColumnMapping $mapping)
    {
    }

    /**
     * @param iterable<list<string>> $rows the first of them are the headings
     *
     * @return \Generator<int, MarcRecord|MalformedRecord>
     */
    public function read(iterable $rows): \Generator
    {
        $headings = null;
        $number = 0;
        foreach ($rows as $row) {
            if (null === $headings) {
                $headings = array_map(trim(...), $row);
                continue;
            }
            if ([] === array_filter($row, static fn (string $cell): bool => '' !== trim($cell))) {
                continue;
            }
            ++$number;
            yield $this->record($headings, $row) ?? new MalformedRecord($number, 0, 'this row has no title. Fill in the column that holds the title.', implode("\t", $row));
        }
    }

    /**
     * @param list<string> $headings
     * @param list<string> $row
     */
    private function record(array $headings, array $row): ?MarcRecord
    {
        /** @var array<int, list<Subfield>> $subfields by tag */
        $subfields = [];
        $repeated = $states = [];
        foreach ($headings as $index => $heading) {
            $target = $this->mapping->target($heading);
            $cell = trim($row[$index] ?? '');
            if (null === $target || '' === $cell) {
                continue;
            }
            if (null !== $target->property) {
                $states[$target->property->value] ??= $cell;
            } elseif (\in_array($target->tag, self::REPEATABLE, true)) {
                foreach (self::divided($cell) as $value) {
                    $repeated[] = self::field($target->tag, new Subfield($target->code, $value));
                }
            } else {
                $subfields[(int) $target->tag][] = new Subfield($target->code, $cell);
            }
        }
        if ('' === trim(implode('', array_map(static fn (Subfield $subfield): string => 'a' === $subfield->code ? $subfield->value : '', $subfields[245] ?? [])))) {
            return null;
        }
        $fields = [self::fixed($subfields), ...$repeated];
        foreach ($subfields as $tag => $ofField) {
            usort($ofField, static fn (Subfield $a, Subfield $b): int => $a->code <=> $b->code);
            $fields[] = self::field(\sprintf('%03d', $tag), ...$ofField);
        }
        if (isset($states['barcode'])) {
            array_push($fields, ...ItemFields::fresh($states, ' '));
        }
        usort($fields, static fn (ControlField|DataField $a, ControlField|DataField $b): int => $a->tag <=> $b->tag);

        return new MarcRecord(self::LEADER, $fields);
    }

    private static function field(string $tag, Subfield ...$subfields): DataField
    {
        $indicators = self::INDICATORS[$tag] ?? '  ';

        return new DataField($tag, $indicators[0], $indicators[1], array_values($subfields));
    }

    /**
     * The date as coded data: everything else is not known.
     *
     * @param array<int, list<Subfield>> $subfields by tag
     */
    private static function fixed(array $subfields): ControlField
    {
        $year = '    ';
        foreach ($subfields[264] ?? [] as $subfield) {
            if ('c' === $subfield->code && 1 === preg_match('/(?<!\d)[12]\d{3}(?!\d)/', $subfield->value, $found)) {
                $year = $found[0];
            }
        }

        return new ControlField('008', '      '.('    ' === $year ? 'n' : 's').$year.'    xx ||||| |||| 00| 0 und d');
    }

    /** @return list<string> */
    private static function divided(string $cell): array
    {
        $values = preg_split('/\s*[;\n]\s*/', $cell, -1, \PREG_SPLIT_NO_EMPTY);

        return false === $values ? [$cell] : $values;
    }
}
