<?php

declare(strict_types=1);

namespace TinLantern\Tests\App;

use PHPUnit\Framework\Attributes\After;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;
use TinLantern\Catalogue\ExportFormat;
use TinLantern\Catalogue\ExportRecords;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Platform\Background\BackgroundTasks;
use TinLantern\Platform\Background\RunTask;
use TinLantern\Platform\Background\StopSignal;
use TinLantern\Platform\Background\TaskRunner;

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

    /** A file in ISO 2709 of records written as lines. */
    private function lines(string ...$records): string
    {
        return $this->iso(...array_map(LineText::parse(...), $records));
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

    /**
     * Sends a file as the interface does.
     *
     * @return array<array-key, mixed>
     */
    private function sendFile(string $bytes, int $expect = 200): array
    {
        $this->browser->request('POST', '/api/intakes?name=vendor.mrc', [], [], ['HTTP_X_TIN_LANTERN' => '1', 'CONTENT_TYPE' => 'application/octet-stream'], $bytes);
        self::assertSame($expect, $this->browser->getResponse()->getStatusCode());

        return (array) json_decode((string) $this->browser->getResponse()->getContent(), true);
    }

    /** Does what waits in the background. */
    private function work(): void
    {
        while (null !== $task = self::service(BackgroundTasks::class)->take()) {
            self::service(TaskRunner::class)(new RunTask($task));
            if (self::service(StopSignal::class)->isGiven()) {
                return;
            }
        }
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
