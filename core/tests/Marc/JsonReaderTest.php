<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\JsonReader;
use TinLantern\Core\Marc\JsonWriter;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;

final class JsonReaderTest extends TestCase
{
    private const GOOD = '{"leader":"00000nam a2200000 i 4500","fields":[{"001":"vi1"},{"245":{"ind1":"1","ind2":"0","subfields":[{"a":"Tides {of} \"Skellin\" \\\\"}]}}]}';

    /** @return iterable<string, array{int}> */
    public static function chunkSizes(): iterable
    {
        yield 'byte by byte' => [1];
        yield 'in sevens' => [7];
        yield 'at once' => [1_000_000];
    }

    /** @param positive-int $size */
    #[DataProvider('chunkSizes')]
    public function testWhatIsWrittenIsReadAgain(int $size): void
    {
        $writer = new JsonWriter();
        $records = iterator_to_array(Records::odd($size < 7 ? 40 : 300), false);
        $json = $writer->head().implode('', array_map($writer->write(...), $records)).$writer->foot();
        self::assertEquals($records, iterator_to_array((new JsonReader())->read(str_split($json, $size)), false));
    }

    /** @return iterable<string, array{string, int}> */
    public static function wrappings(): iterable
    {
        yield 'one object' => [self::GOOD, 1];
        yield 'an object a line' => [self::GOOD."\n".self::GOOD."\n", 2];
        yield 'a list' => ['['.self::GOOD.','.self::GOOD.']', 2];
        yield 'a list in an object' => ['{ "records" : [ '.self::GOOD.','.self::GOOD.'] }', 2];
        yield 'nothing' => ['[]', 0];
    }

    #[DataProvider('wrappings')]
    public function testRecordsAreFoundHoweverTheyAreWrapped(string $json, int $count): void
    {
        $read = iterator_to_array((new JsonReader())->read(str_split($json, 5)), false);
        self::assertCount($count, $read);
        foreach ($read as $record) {
            self::assertInstanceOf(MarcRecord::class, $record);
            self::assertSame('Tides {of} "Skellin" \\', $record->firstData('245')?->first('a'));
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function faults(): iterable
    {
        yield 'a short leader' => [str_replace('00000nam', 'nam', self::GOOD), 'leader'];
        yield 'a tag that is none' => [str_replace('"245"', '"24"', self::GOOD), '"24" is no tag'];
        yield 'a long indicator' => [str_replace('"ind1":"1"', '"ind1":"12"', self::GOOD), 'ind1'];
        yield 'a subfield without a code' => [str_replace('{"a":', '{"":', self::GOOD), 'field 245 has a subfield'];
        yield 'a comma too many' => [str_replace('},{"245"', '},,{"245"', self::GOOD), 'not valid JSON'];
        yield 'no fields' => ['{"leader":"00000nam a2200000 i 4500"}', 'no list of fields'];
    }

    #[DataProvider('faults')]
    public function testOneFaultHarmsNoOther(string $faulty, string $sentence): void
    {
        $read = iterator_to_array((new JsonReader())->read(['['.self::GOOD.','.$faulty.','.self::GOOD.']']), false);
        self::assertCount(3, $read);
        self::assertInstanceOf(MalformedRecord::class, $read[1]);
        self::assertStringContainsString($sentence, $read[1]->sentence());
        self::assertSame($faulty, $read[1]->bytes);
        self::assertInstanceOf(MarcRecord::class, $read[2]);
    }

    public function testAnEndInTheMiddleIsSaid(): void
    {
        $read = iterator_to_array((new JsonReader())->read(['['.self::GOOD.','.substr(self::GOOD, 0, 60)]), false);
        self::assertCount(2, $read);
        self::assertInstanceOf(MalformedRecord::class, $read[1]);
        self::assertStringContainsString('ends in the middle', $read[1]->sentence());
    }
}
