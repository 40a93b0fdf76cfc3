<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use Random\Engine\Mt19937;
use Random\Randomizer;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Subfield;

/**
 * Records to try things on: one that a librarian would know, and any number of odd ones.
 */
final class Records
{
    public const LEADER = '00000nam a2200000 i 4500';

    public static function tides(): MarcRecord
    {
        return new MarcRecord(self::LEADER, [
            new ControlField('001', 'vi0000042'),
            new ControlField('008', '260101s2019    vi ||||| |||| 00| 0 eng d'),
            DataField::of('020', '  ', 'a', '9795000000426', 'q', 'paperback'),
            DataField::of('100', '1 ', 'a', 'Venn, Mara,', 'e', 'author.'),
            DataField::of('245', '14', 'a', 'The tides of Skellin :', 'b', "a pilot's book /", 'c', 'Mara Venn.'),
            DataField::of('264', ' 1', 'a', 'Port Vesper :', 'b', 'Lamp & Anchor,', 'c', '2019.'),
            DataField::of('650', ' 0', 'a', 'Tides', 'z', 'Skellin.'),
            DataField::of('852', '1 ', 'b', 'LAN', 'c', 'ADULT', 'h', '551.46', 'i', 'VEN', 'p', '300000001', 't', '1', 'z', 'Ask at the desk'),
            DataField::of('852', '1 ', 'b', 'QUA', 'c', 'ADULT', 'h', '551.46', 'i', 'VEN', 'p', '300000002', 't', '2'),
            DataField::of('876', '  ', 'p', '300000001', 'c', '12.50', 'd', '20190301', 'h', 'BOOK', '3', 'bound'),
        ]);
    }

    /** @return iterable<int, MarcRecord> the same ones every time */
    public static function odd(int $count): iterable
    {
        $dice = new Randomizer(new Mt19937(2709));
        $pieces = ['Tide', '$5.00', 'c:\\charts', "line\nbreak", 'naïve', '海圖', '', ' ', '#', '##', '$a', '\\x1F', 'Ωmega', '🏮', "tab\there", '&<>"\'', "\u{301}", '||', 'x=1', "\r"];
        $tags = ['100', '245', '500', '650', '852', '876', '9XX', 'CAT', 'a1b'];
        for ($number = 0; $number < $count; ++$number) {
            $fields = [];
            for ($field = $dice->getInt(0, 9); $field > 0; --$field) {
                if (0 === $dice->getInt(0, 4)) {
                    $fields[] = new ControlField('00'.$dice->getInt(1, 9), self::text($dice, $pieces));
                    continue;
                }
                $subfields = [];
                for ($subfield = $dice->getInt(0, 4); $subfield > 0; --$subfield) {
                    $subfields[] = new Subfield(['a', 'b', '0', '$', '\\', '#', 'é', '6'][$dice->getInt(0, 7)], self::text($dice, $pieces));
                }
                $indicators = [' ', '0', '1', '#', '\\', '|', '$'];
                $fields[] = new DataField($tags[$dice->getInt(0, 8)], $indicators[$dice->getInt(0, 6)], $indicators[$dice->getInt(0, 6)], $subfields);
            }
            yield new MarcRecord(self::LEADER, $fields);
        }
    }

    /** @param list<string> $pieces */
    private static function text(Randomizer $dice, array $pieces): string
    {
        $text = '';
        for ($piece = $dice->getInt(0, 4); $piece > 0; --$piece) {
            $text .= $pieces[$dice->getInt(0, \count($pieces) - 1)];
        }

        return $text;
    }
}
