<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\DataProvider;
use TinLantern\Catalogue\Derived;
use TinLantern\Catalogue\Intake\BatchFrames;
use TinLantern\Catalogue\Intake\CutShort;
use TinLantern\Catalogue\Intake\IntakeDefaults;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Intake\ReadBatch;
use TinLantern\Catalogue\Intake\ReadBatches;
use TinLantern\Catalogue\Intake\RecordFile;
use TinLantern\Catalogue\Intake\TakeInFile;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Tests\Marc\Records;
use TinLantern\Platform\Cli\ConsoleActor;

/**
 * A large file is read and described by a second process while the first one writes; nobody can tell from what is in the catalogue.
 */
final class ReadAheadTest extends AppTestCase
{
    use FilesOfRecords;

    public function testWhatWasReadAheadIsDerivedAsIfItHadBeenReadHere(): void
    {
        $bytes = $this->large();
        $report = $this->takeIn($bytes.'00026 a truncated one', expect: 1);
        self::assertSame([1202, 1201, 1], [$report['read'], $report['added'], $report['failed']]);
        self::assertSame(2, $report['items']);
        $derived = $this->derived();
        self::service(Derived::class)->rebuild();
        self::assertSame($derived, $this->derived());
    }

    public function testItGoesOnBehindTheLastBatch(): void
    {
        $file = $this->file($this->large());
        $takeIn = fn (?\Closure $progress = null) => self::service(TakeInFile::class)(RecordFile::open($file), $this->options(), self::service(ConsoleActor::class)(), $progress);
        try {
            $takeIn(static fn (string $doing, int $to) => 1000 === $to ? throw new \DomainException('killed') : null);
            self::fail('It was not interrupted.');
        } catch (\DomainException) {
            self::assertSame(1000, $this->rows('record'));
        }
        self::assertSame([1201, 1201], [$takeIn()->added, $this->rows('record')]);
    }

    /** @return iterable<string, array{int<1, max>}> */
    public static function sizes(): iterable
    {
        yield 'byte by byte' => [1];
        yield 'in odd pieces' => [777];
        yield 'all at once' => [\PHP_INT_MAX];
    }

    /** @param int<1, max> $size */
    #[DataProvider('sizes')]
    public function testBatchesArriveInPiecesOfAnySize(int $size): void
    {
        $batches = $this->batches(20);
        $read = iterator_to_array(BatchFrames::read(str_split($this->framed($batches), $size)), false);
        self::assertSame(serialize($batches), serialize($read));
    }

    public function testWhatIsReadOnlyToBeComparedIsLessAndDerivesTheRestWhenItIsWanted(): void
    {
        $whole = $this->framed($this->batches(20));
        $lean = $this->framed($this->batches(20), onlyToCompare: true);
        self::assertLessThan(\strlen($whole), \strlen($lean));
        $read = iterator_to_array(BatchFrames::read([$lean]), false);
        self::assertSame($whole, $this->framed($read), 'with all of it derived here they are the same');
    }

    public function testALargeFileIsComparedTheSameWhetherItIsReadAheadOrHere(): void
    {
        $this->takeIn($this->iso(Records::tides()));
        $large = $this->takeIn($this->large(), ['--dry-run' => true, '--match' => 'isbn']);
        $small = $this->takeIn($this->iso(Records::tides()), ['--dry-run' => true, '--match' => 'isbn']);
        self::assertSame([1201, 1], [$large['read'], $large['matched']]);
        self::assertSame([1, 1], [$small['read'], $small['matched']]);
        self::assertSame(1, $this->rows('record'));
    }

    public function testAReaderThatEndsBeforeTheFileIsNoticed(): void
    {
        $framed = $this->framed($this->batches(3));
        foreach ([0, 3, 100, \strlen($framed) - 4] as $length) {
            try {
                iterator_to_array(BatchFrames::read([substr($framed, 0, $length)]));
                self::fail("After {$length} bytes it was taken for whole.");
            } catch (CutShort $short) {
                self::assertStringContainsString('end', $short->getMessage());
            }
        }
    }

    /** More than two million bytes: odd records with a long note, and one with items. */
    private function large(): string
    {
        $long = static fn (MarcRecord $record): MarcRecord => $record->withFields([...$record->fields, DataField::of('520', '  ', 'a', str_repeat('Lanterns of Skellin, ', 100))]);

        return $this->iso(...array_map($long, [...Records::odd(1200)]), ...[Records::tides()]);
    }

    private function options(): IntakeOptions
    {
        return new IntakeOptions(ItemMapping::holdings(), new IntakeDefaults('LAN', 'ADULT', 'BOOK'), matchRule: 'none');
    }

    /** @return list<ReadBatch> */
    private function batches(int $records): array
    {
        $file = RecordFile::open($this->file($this->iso(...[...Records::odd($records)], ...[Records::tides()])));

        return [...ReadBatches::of($file, $this->options(), 0), ...ReadBatches::of($file, $this->options(), $records)];
    }

    /** @param list<ReadBatch> $batches */
    private function framed(array $batches, bool $onlyToCompare = false): string
    {
        $stream = fopen('php://memory', 'w+');
        self::assertIsResource($stream);
        BatchFrames::write($stream, $batches, $onlyToCompare);
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function derived(): array
    {
        $tables = [];
        foreach (['search_document' => 'record_id', 'match_key' => 'record_id, value', 'record_heading' => 'record_id, kind, sort_key', 'record' => 'id'] as $table => $order) {
            $tables[$table] = $this->connection()->fetchAllAssociative("SELECT * FROM {$table} ORDER BY {$order}");
        }

        return $tables;
    }
}
