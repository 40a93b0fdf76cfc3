<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\After;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Catalogue\ExportRecords;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\MarcRecord;

/**
 * Writes files of records, takes them in on the console, and gives the catalogue out again.
 */
trait FilesOfRecords
{
    /** @var list<string> */
    private array $files = [];

    #[After]
    public function removeFiles(): void
    {
        array_map(unlink(...), $this->files);
        $this->files = [];
    }

    private function file(string $bytes): string
    {
        $file = tempnam(sys_get_temp_dir(), 'intake');
        self::assertIsString($file);
        $this->files[] = $file;
        file_put_contents($file, $bytes);

        return $file;
    }

    private function iso(MarcRecord ...$records): string
    {
        return implode('', array_map((new Iso2709Writer())->write(...), $records));
    }

    /**
     * @param array<string, string|bool> $options
     *
     * @return array<array-key, mixed>
     */
    private function takeIn(string $bytes, array $options = [], int $expect = 0): array
    {
        $report = json_decode($this->console('catalogue:take-in', ['file' => $this->file($bytes), '--json' => true] + $options, $expect), true);
        self::assertIsArray($report);

        return $report;
    }

    /** @param array<string, string|bool> $input */
    private function console(string $name, array $input, int $expect = 0): string
    {
        self::assertNotNull(self::$kernel);
        $tester = new CommandTester((new Application(self::$kernel))->find($name));
        self::assertSame($expect, $tester->execute($input), $tester->getDisplay());

        return $tester->getDisplay();
    }

    private function export(ExportFormat $format, bool $withItems): string
    {
        return implode('', iterator_to_array(self::service(ExportRecords::class)($format, $withItems, static fn (string $sentence) => self::fail($sentence)), false));
    }

    private function text(mixed $value): string
    {
        self::assertIsString($value);

        return $value;
    }
}
