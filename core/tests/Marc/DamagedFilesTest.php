<?php

declare(strict_types=1);

namespace TinLantern\Core\Tests\Marc;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use TinLantern\Core\Marc\Iso2709Reader;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\JsonReader;
use TinLantern\Core\Marc\JsonWriter;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlReader;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Marc\Unreadable;

/**
 * Files as lines, discs and mail programs damage them: whatever happens to the bytes, a reader comes to the end, says what is wrong
 * and where, and gives the records in front of the damage as they are.
 */
final class DamagedFilesTest extends TestCase
{
    private const ROUNDS = 250;

    /** @return iterable<string, array{string, list<string>, string}> a reader, the records as it reads them, what ends the file */
    public static function files(): iterable
    {
        $records = [];
        foreach (range(1, 6) as $number) {
            $records[] = LineText::parse(LineText::write(Records::tides())."\n500 ## \$aNumber {$number}: étude, 潮汐");
        }
        yield 'ISO 2709' => [Iso2709Reader::class, array_map((new Iso2709Writer())->write(...), $records), ''];
        yield 'MARCXML' => [MarcXmlReader::class, ['<?xml version="1.0"?><collection xmlns="http://www.loc.gov/MARC21/slim">', ...array_map((new MarcXmlWriter())->write(...), $records)], '</collection>'];
        yield 'JSON, one on each line' => [JsonReader::class, array_map(static fn (MarcRecord $record): string => (new JsonWriter())->write($record)."\n", $records), ''];
    }

    /**
     * @param class-string<Iso2709Reader|MarcXmlReader|JsonReader> $reader
     * @param list<string>                                         $pieces
     */
    #[DataProvider('files')]
    public function testWhateverIsDamagedTheRecordsInFrontOfItAreRead(string $reader, array $pieces, string $end): void
    {
        $file = implode('', $pieces).$end;
        $whole = self::read($reader, $file, 4096);
        self::assertCount(6, array_filter($whole, static fn (string $record): bool => !str_starts_with($record, 'broken')));
        $dice = new Randomizer(new Mt19937(11));
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $at = $dice->getInt(0, \strlen($file) - 1);
            $read = self::read($reader, self::damaged($file, $at, $dice), $dice->getInt(1, 5000));
            $before = self::endingBefore($at, $pieces);
            self::assertSame(\array_slice($whole, 0, $before), \array_slice($read, 0, $before), "damaged at byte {$at}, round {$round}");
        }
    }

    /**
     * @param class-string<Iso2709Reader|MarcXmlReader|JsonReader> $reader
     * @param list<string>                                         $pieces
     */
    #[DataProvider('files')]
    public function testAFileThatIsCutOffGivesItsWholeRecordsAndSaysThatItIsCut(string $reader, array $pieces, string $end): void
    {
        $file = implode('', $pieces).$end;
        $whole = self::read($reader, $file, 4096);
        $dice = new Randomizer(new Mt19937(12));
        for ($round = 0; $round < 100; ++$round) {
            $at = $dice->getInt(0, \strlen($file) - \strlen($end) - 3);
            $read = self::read($reader, substr($file, 0, $at), $dice->getInt(1, 5000));
            $before = self::endingBefore($at, $pieces);
            self::assertSame(\array_slice($whole, 0, $before), \array_slice($read, 0, $before));
            self::assertLessThanOrEqual($before + 1, \count($read));
            $isInside = 0 < $at - array_sum(array_map(strlen(...), \array_slice($pieces, 0, $before + (str_starts_with($pieces[0], '<?xml') ? 1 : 0))));
            if ($isInside && Iso2709Reader::class === $reader) {
                self::assertStringStartsWith('broken', $read[$before]);
            }
        }
    }

    public function testLinesOfTextThatArePutTogetherAtRandomAreReadOrRefusedWithTheirLine(): void
    {
        $dice = new Randomizer(new Mt19937(13));
        $parts = ['LDR 00000nam a2200000 i 4500', "\n", '245 ', '10', '#', '$a', '$', '\\', '\\x1F', 'Tides', ' ', '001 x', 'é', "\r", '潮'];
        $refused = 0;
        for ($round = 0; $round < 2000; ++$round) {
            $text = 0 === $dice->getInt(0, 2) ? '' : "LDR 00000nam a2200000 i 4500\n";
            for ($left = $dice->getInt(0, 12); $left > 0; --$left) {
                $text .= $parts[$dice->getInt(0, \count($parts) - 1)];
            }
            try {
                $record = LineText::parse($text);
                self::assertEquals($record, LineText::parse(LineText::write($record)), 'what was read is written and read again');
            } catch (Unreadable $unreadable) {
                ++$refused;
                self::assertMatchesRegularExpression('/^(?:Line \d+: |There is no leader)/', $unreadable->getMessage());
            }
        }
        self::assertGreaterThan(100, $refused);
        self::assertLessThan(2000, $refused);
    }

    /**
     * @param class-string<Iso2709Reader|MarcXmlReader|JsonReader> $reader
     *
     * @return list<string>
     */
    private static function read(string $reader, string $file, int $chunk): array
    {
        $read = [];
        foreach ((new $reader())->read('' === $file ? [] : str_split($file, max(1, $chunk))) as $record) {
            if ($record instanceof MalformedRecord) {
                self::assertMatchesRegularExpression('/^Record \d+ \(at byte \d+\): ./', $record->sentence());
            }
            $read[] = $record instanceof MarcRecord ? LineText::write($record) : 'broken: '.$record->sentence();
        }

        return $read;
    }

    private static function damaged(string $file, int $at, Randomizer $dice): string
    {
        $bytes = ["\0", "\x1D", "\x1E", "\x1F", "\xFF", '<', '"', '}', "\n", ' '];

        return match ($dice->getInt(0, 3)) {
            0 => substr_replace($file, $bytes[$dice->getInt(0, 9)], $at, 1),
            1 => substr_replace($file, $dice->getBytes($dice->getInt(1, 40)), $at, $dice->getInt(1, 40)),
            2 => substr_replace($file, '', $at, $dice->getInt(1, 300)),
            default => substr_replace($file, str_repeat($bytes[$dice->getInt(0, 9)], $dice->getInt(1, 30)), $at, 0),
        };
    }

    /**
     * @param list<string> $pieces
     *
     * @return int how many records end before this byte
     */
    private static function endingBefore(int $at, array $pieces): int
    {
        $hasHead = str_starts_with($pieces[0], '<?xml');
        $end = 0;
        $records = $hasHead ? -1 : 0;
        foreach ($pieces as $piece) {
            $end += \strlen($piece);
            if ($end > $at) {
                break;
            }
            ++$records;
        }

        return max(0, $records);
    }
}
