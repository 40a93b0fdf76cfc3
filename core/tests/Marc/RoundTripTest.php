<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\Iso2709Reader;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\JsonWriter;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlReader;
use TinLantern\Core\Marc\MarcXmlWriter;

final class RoundTripTest extends TestCase
{
    public function testWhatWasWrittenAsIso2709ComesBackByteByByte(): void
    {
        $writer = new Iso2709Writer();
        $bytes = '';
        $count = 0;
        foreach (Records::odd(300) as $record) {
            $bytes .= $writer->write($record);
            ++$count;
        }
        foreach ([1, 7, 4096, 1_000_000] as $chunk) {
            $again = '';
            $read = 0;
            foreach ((new Iso2709Reader())->read(str_split($bytes, max(1, $chunk))) as $record) {
                self::assertInstanceOf(MarcRecord::class, $record);
                $again .= $writer->write($record);
                ++$read;
            }
            self::assertSame($count, $read);
            self::assertSame($bytes, $again, "in chunks of {$chunk} bytes");
        }
    }

    public function testWhatWasWrittenAsMarcXmlComesBackFieldByField(): void
    {
        $writer = new MarcXmlWriter();
        $records = iterator_to_array(Records::odd(300), false);
        $xml = $writer->head().implode('', array_map($writer->write(...), $records)).$writer->foot();
        foreach ([13, 1_000_000] as $chunk) {
            $again = iterator_to_array((new MarcXmlReader())->read(str_split($xml, max(1, $chunk))), false);
            self::assertEquals($records, $again, "in chunks of {$chunk} bytes");
        }
    }

    public function testLinesOfTextAndRecordsAreEachOthersInverse(): void
    {
        foreach (Records::odd(500) as $record) {
            self::assertEquals($record, LineText::parse(LineText::write($record)), LineText::write($record));
        }
    }

    public function testLinesOfTextReadAsALibrarianWritesThem(): void
    {
        $lines = LineText::write(Records::tides());
        self::assertStringStartsWith("LDR 00000nam a2200000 i 4500\n001 vi0000042\n", $lines);
        self::assertStringContainsString("\n245 14 \$aThe tides of Skellin :\$ba pilot's book /\$cMara Venn.\n", $lines);
        self::assertStringContainsString("\n264 #1 \$aPort Vesper :", $lines);
    }

    /** @return iterable<string, array{string, string}> */
    public static function faultyLines(): iterable
    {
        yield 'no leader' => ['245 10 $aTides', 'Line 1: begin with LDR'];
        yield 'a short leader' => ["LDR 00000nam\n245 10 \$aTides", '24 characters of the leader'];
        yield 'no tag' => ["LDR 00000nam a2200000 i 4500\nTides of Skellin", 'Line 2: begin with a tag'];
        yield 'text without a subfield code' => ["LDR 00000nam a2200000 i 4500\n245 10 Tides", 'Line 2: begin the text of field 245 with $'];
        yield 'a bare dollar sign' => ["LDR 00000nam a2200000 i 4500\n020 ## \$a12\$", 'write \$ for a dollar sign'];
        yield 'nothing at all' => ['', 'There is no leader'];
    }

    #[DataProvider('faultyLines')]
    public function testAFaultyLineIsNamed(string $text, string $sentence): void
    {
        $this->expectExceptionMessage($sentence);
        LineText::parse($text);
    }

    public function testJsonHoldsEveryFieldInItsOrder(): void
    {
        $writer = new JsonWriter();
        $json = $writer->head().$writer->write(Records::tides()).$writer->write(Records::tides()).$writer->foot();
        $records = json_decode($json, true, 16, \JSON_THROW_ON_ERROR);
        self::assertIsArray($records);
        self::assertCount(2, $records);
        self::assertIsArray($records[1]);
        self::assertIsArray($records[1]['fields']);
        self::assertSame(['001' => 'vi0000042'], $records[1]['fields'][0]);
        self::assertSame(
            ['245' => ['ind1' => '1', 'ind2' => '4', 'subfields' => [['a' => 'The tides of Skellin :'], ['b' => "a pilot's book /"], ['c' => 'Mara Venn.']]]],
            $records[1]['fields'][4],
        );
    }
}
