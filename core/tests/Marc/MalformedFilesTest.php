<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\Iso2709Reader;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlReader;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Marc\NotExpressible;

/**
 * One faulty record between two good ones: both are read, and the fault is named.
 */
final class MalformedFilesTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function faultyIso2709(): iterable
    {
        $good = (new Iso2709Writer())->write(Records::tides());
        yield 'the length is too small' => ['00100'.substr($good, 5), 'the leader says 100 bytes'];
        yield 'the length is too large' => [\sprintf('%05d', \strlen($good) + 10).substr($good, 5), 'but the record ends after'];
        yield 'the length is no number' => ['0a12x'.substr($good, 5), 'instead of a length of five digits'];
        yield 'the record terminator is missing' => [substr($good, 0, -1), 'its record terminator is missing'];
        yield 'the base address is wrong' => [substr_replace($good, '00030', 12, 5), 'directory'];
        yield 'the base address is no number' => [substr_replace($good, '     ', 12, 5), 'place where the fields begin'];
        yield 'a directory entry is no number' => [substr_replace($good, 'xxxx', 27, 4), 'directory entry for field 001'];
        yield 'a field is somewhere else' => [substr_replace($good, '00003', 31, 5), 'field 001 does not stand where the directory says'];
        yield 'bytes that are no UTF-8' => [str_replace('Skellin :', "Skell\xFFn :", $good), 'claims to be UTF-8'];
        yield 'no indicators' => [str_replace("14\x1FaThe", "\x1FaaaThe", $good), 'two indicators'];
        yield 'a leader and nothing else' => [substr($good, 0, 24)."\x1D", 'too few'];
        yield 'another text' => ["Dear library, here is the file.\x1D", 'instead of a length of five digits'];
    }

    #[DataProvider('faultyIso2709')]
    public function testOneFaultInIso2709HarmsNoOther(string $faulty, string $sentence): void
    {
        $good = (new Iso2709Writer())->write(Records::tides());
        foreach ([5, 100_000] as $chunk) {
            $read = iterator_to_array((new Iso2709Reader())->read(str_split($good.$faulty.$good, $chunk)), false);
            self::assertCount(3, $read);
            self::assertInstanceOf(MarcRecord::class, $read[0]);
            self::assertInstanceOf(MalformedRecord::class, $read[1]);
            self::assertInstanceOf(MarcRecord::class, $read[2]);
            self::assertStringContainsString($sentence, $read[1]->sentence());
            self::assertSame(2, $read[1]->number);
            self::assertSame(\strlen($good), $read[1]->position);
        }
    }

    public function testLengthsThatCountCharactersAreUnderstood(): void
    {
        $records = [
            Records::tides(),
            new MarcRecord(Records::LEADER, [new ControlField('001', 'vi2'), DataField::of('245', '10', 'a', 'Ø og Å', 'c', '潮の本 𝄞'), DataField::of('500', '  ', 'a', "e\u{0301} twice"), DataField::of('650', ' 0', 'a', 'Tides')]),
            new MarcRecord(Records::LEADER, [DataField::of('245', '10', 'a', 'Plain')]),
        ];
        $writer = new Iso2709Writer();
        $file = '';
        foreach ($records as $record) {
            $file .= self::countedInCharacters($writer->write($record));
        }
        $reader = new Iso2709Reader();
        $read = $remarked = [];
        foreach ($reader->read(str_split($file, 7)) as $one) {
            self::assertInstanceOf(MarcRecord::class, $one);
            $read[] = $one->fields;
            $remarked[] = \count($reader->remarks);
        }
        self::assertEquals(array_map(static fn (MarcRecord $record): array => $record->fields, $records), $read);
        self::assertSame([0, 1, 0], $remarked, 'where characters are bytes there is nothing to remark on');
    }

    public function testALengthThatCountsNeitherBytesNorCharactersIsAFault(): void
    {
        $written = self::countedInCharacters((new Iso2709Writer())->write(new MarcRecord(Records::LEADER, [DataField::of('245', '10', 'a', 'Ø og Å')])));
        foreach ([-1, 1] as $off) {
            $wrong = \sprintf('%05d', (int) substr($written, 0, 5) + $off).substr($written, 5);
            self::assertContainsOnlyInstancesOf(MalformedRecord::class, iterator_to_array((new Iso2709Reader())->read([$wrong]), false));
        }
        $elsewhere = substr_replace($written, '00001', 31, 5);
        self::assertContainsOnlyInstancesOf(MalformedRecord::class, iterator_to_array((new Iso2709Reader())->read([$elsewhere]), false));
    }

    /** As a program writes it that takes the length of a text for the length of its bytes. */
    private static function countedInCharacters(string $record): string
    {
        $base = (int) substr($record, 12, 5);
        $fields = explode("\x1E", substr($record, $base));
        array_pop($fields);
        $directory = '';
        $start = 0;
        foreach ($fields as $index => $field) {
            $length = mb_strlen($field) + 1;
            $directory .= substr($record, 24 + 12 * $index, 3).\sprintf('%04d%05d', $length, $start);
            $start += $length;
        }
        $rest = substr($record, 5, 19).$directory."\x1E".implode("\x1E", $fields)."\x1E\x1D";

        return \sprintf('%05d', 5 + mb_strlen($rest)).$rest;
    }

    public function testAFileThatEndsInTheMiddleOfARecordSaysSo(): void
    {
        $good = (new Iso2709Writer())->write(Records::tides());
        $read = iterator_to_array((new Iso2709Reader())->read([$good, substr($good, 0, 50)]), false);
        self::assertCount(2, $read);
        self::assertInstanceOf(MalformedRecord::class, $read[1]);
        self::assertStringContainsString('ends in the middle', $read[1]->sentence());
    }

    public function testLineEndsAndAByteOrderMarkBetweenRecordsAreNoRecords(): void
    {
        $good = (new Iso2709Writer())->write(Records::tides());
        $read = iterator_to_array((new Iso2709Reader())->read(["\u{FEFF}".$good."\r\n".$good."\n\x1A"]), false);
        self::assertEquals([(new Iso2709Reader())->decode($good), (new Iso2709Reader())->decode($good)], $read);
    }

    /** @return iterable<string, array{string, string}> */
    public static function faultyXml(): iterable
    {
        $good = (new MarcXmlWriter())->write(Records::tides());
        yield 'an unknown entity' => [str_replace('Skellin :', 'Skell&iuml;n :', $good), 'not well-formed'];
        yield 'a bare ampersand' => [str_replace('&amp;', '&', $good), 'not well-formed'];
        yield 'an element that is not closed' => [str_replace('</subfield></datafield>', '</datafield>', $good), 'not well-formed'];
        yield 'no end' => [str_replace('</record>', '', $good), 'end tag is missing'];
        yield 'no leader' => [preg_replace('/<leader>.*<\/leader>/', '', $good) ?? '', 'no leader'];
        yield 'a short leader' => [str_replace(Records::LEADER, 'nam', $good), 'leader has 3 characters'];
        yield 'a tag of two characters' => [str_replace('tag="245"', 'tag="24"', $good), '"24" is no tag'];
        yield 'a control field that is none' => ['<record><leader>'.Records::LEADER.'</leader><controlfield tag="245">Tides</controlfield></record>', 'written as a control field'];
        yield 'an element of another kind' => ['<record><leader>'.Records::LEADER.'</leader><title>Tides</title></record>', '<title>'];
    }

    #[DataProvider('faultyXml')]
    public function testOneFaultInMarcXmlHarmsNoOther(string $faulty, string $sentence): void
    {
        $writer = new MarcXmlWriter();
        $good = $writer->write(Records::tides());
        $read = iterator_to_array((new MarcXmlReader())->read(str_split($writer->head().$good.$faulty.$good.$writer->foot(), 11)), false);
        self::assertCount(3, $read);
        self::assertInstanceOf(MarcRecord::class, $read[0]);
        self::assertInstanceOf(MalformedRecord::class, $read[1]);
        self::assertInstanceOf(MarcRecord::class, $read[2]);
        self::assertStringContainsString($sentence, $read[1]->sentence());
    }

    public function testPrefixesWrappersAndOtherEncodingsAreRead(): void
    {
        $field = '<m:datafield tag="245" ind1="1" ind2="0"><m:subfield code="a">%s</m:subfield></m:datafield>';
        $record = '<m:record><m:leader>'.Records::LEADER.'</m:leader>'.$field.'</m:record>';
        $expected = new MarcRecord(Records::LEADER, [DataField::of('245', '10', 'a', 'Océan')]);
        $wrapped = '<list xmlns:m="http://www.loc.gov/MARC21/slim"><record><metadata>'.\sprintf($record, 'Océan').'</metadata></record></list>';
        self::assertEquals([$expected], iterator_to_array((new MarcXmlReader())->read([$wrapped]), false));
        $latin = '<?xml version="1.0" encoding="ISO-8859-1"?><m:collection xmlns:m="http://www.loc.gov/MARC21/slim">'.\sprintf($record, "Oc\xE9an").'</m:collection>';
        self::assertEquals([$expected], iterator_to_array((new MarcXmlReader())->read([$latin]), false));
        // Made UTF-8 on the way here; the declaration still says what it was.
        self::assertEquals([$expected], iterator_to_array((new MarcXmlReader())->read([str_replace('ISO-8859-1', 'UTF-16', (string) mb_convert_encoding($latin, 'UTF-8', 'ISO-8859-1'))]), false));
    }

    public function testAPrefixMayBeDeclaredInsideAWrapperAndOtherwiseForEachRecord(): void
    {
        $record = '<%1$s:record><%1$s:leader>'.Records::LEADER.'</%1$s:leader><%1$s:datafield tag="245" ind1="1" ind2="0"><%1$s:subfield code="a">%2$s</%1$s:subfield></%1$s:datafield></%1$s:record>';
        $harvest = '<OAI-PMH xmlns="http://www.openarchives.org/OAI/2.0/" xmlns:m="urn:other"><ListRecords>';
        foreach (['m' => 'Tides', 'marc' => 'Gulls', 'x' => 'Knots'] as $prefix => $title) {
            $harvest .= "<record><header><identifier>{$title}</identifier></header><metadata><{$prefix}:collection xmlns:{$prefix} = 'http://www.loc.gov/MARC21/slim'>".\sprintf($record, $prefix, $title)."</{$prefix}:collection></metadata></record>";
        }
        $read = iterator_to_array((new MarcXmlReader())->read(str_split($harvest.'</ListRecords></OAI-PMH>', 50)), false);
        self::assertSame(['Tides', 'Gulls', 'Knots'], array_map(static fn (MarcRecord|MalformedRecord $one): string => $one instanceof MarcRecord ? $one->data('245')[0]->first('a') ?? '' : $one->sentence(), $read));
    }

    public function testADocumentTypeSmugglesNothingIn(): void
    {
        $xml = '<!DOCTYPE x [<!ENTITY secret SYSTEM "file:///etc/passwd">]><collection><record><leader>'.Records::LEADER
            .'</leader><controlfield tag="001">&secret;</controlfield></record></collection>';
        $read = iterator_to_array((new MarcXmlReader())->read([$xml]), false);
        self::assertCount(1, $read);
        self::assertInstanceOf(MalformedRecord::class, $read[0]);
    }

    public function testWhatAFormatCannotCarryIsRefusedWithASentence(): void
    {
        $long = new MarcRecord(Records::LEADER, [DataField::of('520', '  ', 'a', str_repeat('x', 10_000))]);
        try {
            (new Iso2709Writer())->write($long);
            self::fail('A field of 10,000 bytes was written.');
        } catch (NotExpressible $reason) {
            self::assertStringContainsString('Field 520', $reason->getMessage());
        }
        $this->expectExceptionMessage('U+0008');
        (new MarcXmlWriter())->write(new MarcRecord(Records::LEADER, [new ControlField('001', "a\x08b")]));
    }
}
