<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\Iso2709Reader;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\Marc8\Marc8Decoder;
use TinLantern\Core\Marc\MarcRecord;

final class Marc8Test extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'ASCII' => ['Tides of Skellin', 'Tides of Skellin'];
        yield 'an acute before its letter' => ["caf\xE2e", 'café'];
        yield 'two marks on one letter' => ["a\xF2\xE3a", 'aậ'];
        yield 'letters of extended Latin' => ["\xB2\xA1\xB1 \xA5\xB5", "\u{F8}\u{141}\u{142} Ææ"];
        yield 'a mark over two letters, in two halves' => ["\xEBt\xECs", "t\u{361}s"];
        yield 'a mark at the end belongs to nothing and stays' => ["a\xE2", "a\u{A0}\u{301}"];
        yield 'Greek by an escape sequence, and back' => ["\x1B(S\x61\x62\x1B(B alpha", "\u{3B1}\u{3B2} alpha"];
        yield 'Cyrillic in the upper half' => ["\x1B)N\xCE\xC5\xD4", 'нет'];
        yield 'extended Cyrillic' => ["\x1B(N\x1B)Q\xC0", 'ґ'];
        yield 'Hebrew' => ["\x1B(2\x60\x61\x1B(B", 'אב'];
        yield 'Arabic' => ["\x1B(3\x47\x48\x1B(B", "\u{627}\u{628}"];
        yield 'a subscript' => ["H\x1Bb2\x1BsO", 'H₂O'];
        yield 'a superscript' => ["m\x1Bp2\x1Bs", 'm²'];
        yield 'Greek symbols' => ["\x1Bga\x1Bs-rays", 'α-rays'];
        yield 'East Asian' => ["\x1B\$1\x21\x30\x21\x21\x30\x22\x1B(B x", "\u{4E00}\u{4E01} x"];
        yield 'extended Latin named with its exclamation mark' => ["\x1B(B\x1B)!E\xE2e", 'é'];
        yield 'a numeric reference' => ['boat &#x26F5;', 'boat ⛵'];
        yield 'no reference' => ['AT&T &amp; more', 'AT&T &amp; more'];
    }

    #[DataProvider('texts')]
    public function testTextIsDecoded(string $marc8, string $expected): void
    {
        $decoder = new Marc8Decoder();
        self::assertSame($expected, $decoder->decode($marc8));
        self::assertSame([], $decoder->unknown);
    }

    public function testWhatHasNoCharacterIsKeptVisiblyAndTold(): void
    {
        $decoder = new Marc8Decoder();
        self::assertSame("a\u{FFFD}{BB}b", $decoder->decode("a\xBBb"));
        self::assertSame(['BB of extended Latin'], $decoder->unknown);
        self::assertSame('next', $decoder->decode('next'));
        self::assertSame([], $decoder->unknown);
        self::assertSame("\u{FFFD}{7E7E7E}", $decoder->decode("\x1B\$1\x7E\x7E\x7E"));
    }

    public function testTheDefaultSetsAreBackWithTheNextSubfield(): void
    {
        $decoder = new Marc8Decoder();
        $decoder->decode("\x1B(S\x61");
        self::assertSame('a', $decoder->decode('a'));
    }

    public function testARecordInMarc8IsReadAndSaysFromThenOnThatItIsUtf8(): void
    {
        $reader = new Iso2709Reader();
        $record = self::first($reader, self::inMarc8("Ca\xF0n\xE8on :"));
        self::assertSame(['Caņön :', 'a', []], [$record->firstData('245')?->first('a'), $record->leaderAt(9), $reader->remarks]);
    }

    public function testACodeWithoutACharacterIsRemarkedOnWithItsField(): void
    {
        $reader = new Iso2709Reader();
        self::assertSame("x\u{FFFD}{BB}", self::first($reader, self::inMarc8("x\xBB"))->firstData('245')?->first('a'));
        self::assertSame(['field 245 has a code without a character: BB of extended Latin. It was kept as U+FFFD with its bytes.'], $reader->remarks);
    }

    public function testBytesInUtf8AreReadAsSuchWhateverTheLeaderSays(): void
    {
        $reader = new Iso2709Reader();
        $record = self::first($reader, self::inMarc8('Café'));
        self::assertSame(['Café', ' '], [$record->firstData('245')?->first('a'), $record->leaderAt(9)]);
        self::assertStringContainsString('read as UTF-8', $reader->remarks[0] ?? '');
    }

    /** The bytes of a record with this title, whose leader does not claim UTF-8. */
    private static function inMarc8(string $title): string
    {
        $bytes = (new Iso2709Writer())->write(new MarcRecord('00000nam  2200000 i 4500', [\TinLantern\Core\Marc\DataField::of('245', '00', 'a', str_repeat('x', \strlen($title)))]));

        return str_replace(str_repeat('x', \strlen($title)), $title, $bytes);
    }

    private static function first(Iso2709Reader $reader, string $bytes): MarcRecord
    {
        foreach ($reader->read([$bytes]) as $record) {
            self::assertInstanceOf(MarcRecord::class, $record);

            return $record;
        }
        self::fail('There was no record.');
    }
}
