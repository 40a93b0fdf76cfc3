<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Intake\Sheet\CsvRows;
use TinLantern\Catalogue\Intake\Sheet\OdsRows;
use TinLantern\Catalogue\Intake\Sheet\XlsxRows;
use TinLantern\Core\Marc\Iso2709Reader;
use TinLantern\Core\Marc\JsonReader;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlReader;
use TinLantern\Core\Tabular\ColumnMapping;
use TinLantern\Core\Tabular\RowRecords;

/**
 * A file of records on disk, in any of the forms of {@see FileFormat}, told apart by how it begins and read as a stream. Text is
 * given composed (Unicode NFC).
 */
final class RecordFile
{
    private const CHUNK = 262_144;

    /** @var list<string> what was odd about the record given last, as sentences */
    public array $remarks = [];

    private function __construct(public readonly string $path, public readonly string $name, public readonly FileFormat $format, private readonly ?ColumnMapping $columns)
    {
    }

    /**
     * @param string|null        $name    as the file is called where it comes from
     * @param ColumnMapping|null $columns what the columns of a spreadsheet mean; null lets their headings say it
     *
     * @throws NotARecordFile with a sentence that says what the file is instead
     */
    public static function open(string $path, ?string $name = null, ?ColumnMapping $columns = null): self
    {
        $name ??= basename($path);

        $file = new self($path, $name, FileKind::of($path, $name), $columns);
        $kind = match ($file->format) {
            FileFormat::MarcXml => 'XML',
            FileFormat::Json => 'JSON',
            default => null,
        };
        if (null !== $kind && !$file->records()->valid()) {
            throw new NotARecordFile(\sprintf('%s is %s, but no record stands in it.', $name, $kind));
        }

        return $file;
    }

    /** @return \Generator<int, MarcRecord|MalformedRecord> */
    public function records(): \Generator
    {
        $reader = match ($this->format) {
            FileFormat::Marc => new Iso2709Reader(),
            FileFormat::MarcXml => new MarcXmlReader(),
            FileFormat::Json => new JsonReader(),
            default => null,
        };
        foreach (null === $reader ? (new RowRecords($this->mapping()))->read($this->rows()) : $reader->read($this->chunks()) as $record) {
            $this->remarks = $reader instanceof Iso2709Reader ? $reader->remarks : [];
            yield $record instanceof MarcRecord ? $record->composed() : $record;
        }
    }

    /** @return list<string> of a spreadsheet */
    public function headings(): array
    {
        foreach ($this->format->isSheet() ? $this->rows() : [] as $row) {
            return array_map(trim(...), $row);
        }

        return [];
    }

    /** By which a spreadsheet with the same headings is known again; null for other files. */
    public function headingsHash(): ?string
    {
        return $this->format->isSheet() ? hash('sha256', implode("\t", $this->headings())) : null;
    }

    public function contentHash(): string
    {
        return self::hashOf($this->path);
    }

    /** By which the content of a file is known again; nothing where there is no file. */
    public static function hashOf(string $path): string
    {
        return is_file($path) ? (string) hash_file('sha256', $path) : '';
    }

    /** @throws NotARecordFile when no column is known to hold the title */
    public function mapping(): ColumnMapping
    {
        $mapping = $this->columns ?? ColumnMapping::guessed($this->headings());
        if (!$mapping->hasTitle()) {
            throw new NotARecordFile(\sprintf('No column of %s is known to hold the title. Its columns are: %s. Say which one goes to 245$a.', $this->name, implode(', ', $this->headings())));
        }

        return $mapping;
    }

    /** @return \Generator<int, list<string>> */
    private function rows(): \Generator
    {
        return match ($this->format) {
            FileFormat::Xlsx => XlsxRows::of($this->path),
            FileFormat::Ods => OdsRows::of($this->path),
            default => CsvRows::of($this->path),
        };
    }

    /** @return \Generator<int, string> */
    private function chunks(): \Generator
    {
        $stream = fopen($this->path, 'r');
        if (false === $stream) {
            throw new NotARecordFile(\sprintf('%s cannot be opened any more.', $this->path));
        }
        Utf16::unwrap($stream);
        try {
            while (!feof($stream)) {
                yield (string) fread($stream, self::CHUNK);
            }
        } finally {
            fclose($stream);
        }
    }
}
