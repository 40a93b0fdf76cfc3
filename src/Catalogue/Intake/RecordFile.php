<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Core\Marc\Iso2709Reader;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\MarcXmlReader;

/**
 * A file of records on disk: ISO 2709 or MARCXML, told apart by how it begins, read as a stream.
 */
final readonly class RecordFile
{
    private const CHUNK = 262_144;
    private const OTHERS = [
        "\x1F\x8B" => 'a gzip archive: unpack it first',
        "PK\x03\x04" => 'a zip archive or an office document: unpack it, or export it as MARC',
        '%PDF' => 'a PDF document',
        '{\rtf' => 'a word processor document (RTF)',
        "\xD0\xCF\x11\xE0" => 'an old office document',
        "\xFF\xFE" => 'text in UTF-16: save it as UTF-8',
        "\xFE\xFF" => 'text in UTF-16: save it as UTF-8',
    ];

    private function __construct(public string $path, public string $name, public FileFormat $format)
    {
    }

    /**
     * @param string|null $name as the file is called where it comes from
     *
     * @throws NotARecordFile with a sentence that says what the file is instead
     */
    public static function open(string $path, ?string $name = null): self
    {
        $name ??= basename($path);
        if (!is_file($path) || !is_readable($path)) {
            throw new NotARecordFile(\sprintf('There is no readable file %s. Check the name and your rights.', $path));
        }
        $begin = (string) file_get_contents($path, false, null, 0, 1024);
        foreach (self::OTHERS as $signature => $what) {
            if (str_starts_with($begin, $signature)) {
                throw new NotARecordFile(\sprintf('%s is %s, not a MARC file.', $name, $what));
            }
        }
        $text = ltrim($begin, "\u{FEFF} \t\r\n\0");

        return match (true) {
            '' === $text => throw new NotARecordFile(\sprintf('%s is empty.', $name)),
            1 === preg_match('/^<(?:!doctype html|html)/i', $text) => throw new NotARecordFile(\sprintf('%s is a web page, not a MARC file.', $name)),
            '<' === $text[0] => new self($path, $name, FileFormat::MarcXml),
            1 === preg_match('/^\d{5}/', $text), str_contains($begin, "\x1E") => new self($path, $name, FileFormat::Marc),
            default => throw new NotARecordFile(\sprintf('%s begins neither like ISO 2709 (five digits) nor like MARCXML (<).', $name)),
        };
    }

    /** @return \Generator<int, MarcRecord|MalformedRecord> */
    public function records(): \Generator
    {
        return match ($this->format) {
            FileFormat::MarcXml => (new MarcXmlReader())->read($this->chunks()),
            default => (new Iso2709Reader())->read($this->chunks()),
        };
    }

    public function contentHash(): string
    {
        return (string) hash_file('sha256', $this->path);
    }

    /** @return \Generator<int, string> */
    private function chunks(): \Generator
    {
        $stream = fopen($this->path, 'r');
        if (false === $stream) {
            throw new NotARecordFile(\sprintf('%s cannot be opened any more.', $this->path));
        }
        try {
            while (!feof($stream)) {
                yield (string) fread($stream, self::CHUNK);
            }
        } finally {
            fclose($stream);
        }
    }
}
