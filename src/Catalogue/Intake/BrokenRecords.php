<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Doctrine\DBAL\Connection;
use TinLantern\Core\Tabular\CsvLine;

/**
 * The records of a file that could not be read, to be sent back: as they came, or as a list of reasons.
 */
final readonly class BrokenRecords
{
    public function __construct(private Connection $connection, private Intakes $intakes)
    {
    }

    /** @return \Generator<int, string> bytes of a file of the same form */
    public function asTheyCame(int $intakeId): \Generator
    {
        $isXml = FileFormat::MarcXml === $this->intakes->get($intakeId)->format;
        yield $isXml ? "<collection xmlns=\"http://www.loc.gov/MARC21/slim\">\n" : '';
        foreach ($this->rows($intakeId) as $row) {
            yield $row['raw'].($isXml ? "\n" : '');
        }
        yield $isXml ? "</collection>\n" : '';
    }

    /** @return \Generator<int, string> lines of CSV */
    public function reasons(int $intakeId): \Generator
    {
        yield "record,reason,content\r\n";
        foreach ($this->rows($intakeId) as $row) {
            yield CsvLine::write([(string) $row['place'], $row['problem'], self::shown($row['raw'])]);
        }
    }

    /** Bytes as text: the delimiters of ISO 2709 as signs that can be seen, whatever is no text as question marks. */
    public static function shown(string $raw): string
    {
        $seen = strtr(substr($raw, 0, 20_000), ["\x1F" => '‡', "\x1E" => "¶\n", "\x1D" => '■']);

        return mb_scrub($seen, 'UTF-8');
    }

    /** @return iterable<array{place: int, problem: string, raw: string}> */
    private function rows(int $intakeId): iterable
    {
        /** @var iterable<array{place: int, problem: string, raw: string}> */
        return $this->connection->iterateAssociative("SELECT place, problem, COALESCE(raw, '') AS raw FROM intake_record WHERE intake_id = ? AND kind = 'broken' ORDER BY place", [$intakeId]);
    }
}
