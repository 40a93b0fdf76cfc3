<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\Format;
use TinLantern\Core\Marc\MarcRecord;

final class BriefDescriptionTest extends TestCase
{
    public function testTheCardOfAWellMadeRecord(): void
    {
        $brief = BriefDescription::of(Records::tides());
        self::assertSame("The tides of Skellin : a pilot's book", $brief->title);
        self::assertSame("tides of Skellin : a pilot's book", $brief->sortKey);
        self::assertSame('Venn, Mara', $brief->author);
        self::assertSame(2019, $brief->year);
        self::assertSame(2010, $brief->decade());
        self::assertSame('eng', $brief->language);
        self::assertSame(['9795000000426'], $brief->isbns);
        self::assertSame('vi0000042', $brief->controlNumber);
    }

    public function testARecordWithAlmostNothingStillHasACard(): void
    {
        $brief = BriefDescription::of(new MarcRecord(Records::LEADER, []));
        self::assertSame(['', '', null, '', Format::Book], [$brief->title, $brief->author, $brief->year, $brief->language, $brief->format]);
    }

    public function testTheYearIsTakenFromThePublicationWhereTheCodedOneIsMissing(): void
    {
        $record = new MarcRecord(Records::LEADER, [new ControlField('008', '260101s19uu    vi'), DataField::of('260', '  ', 'c', '[c1987, printed 1990]')]);
        self::assertSame(1987, BriefDescription::of($record)->year);
    }

    /** @return iterable<string, array{string, Format}> */
    public static function leaders(): iterable
    {
        yield 'a book' => ['am', Format::Book];
        yield 'a yearly' => ['as', Format::Serial];
        yield 'a score' => ['cm', Format::Score];
        yield 'a chart' => ['em', Format::Map];
        yield 'a film' => ['gm', Format::Film];
        yield 'a recording of music' => ['jm', Format::Sound];
        yield 'a telescope' => ['rm', Format::Object];
    }

    #[DataProvider('leaders')]
    public function testTheFormatFollowsFromTheLeader(string $sixAndSeven, Format $format): void
    {
        self::assertSame($format, Format::of(new MarcRecord('00000n'.$sixAndSeven.' a2200000 i 4500', [])));
    }
}
