<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;
use TinLantern\Platform\Problem\Conflict;

/**
 * Reads and describes a large file in a process of its own, a batch ahead of the one that compares and writes: so the database
 * and the reading are busy at the same time. A small file is read where it is asked for.
 */
final readonly class ReadAhead
{
    /** Bytes from which on a second process has earned the tenth of a second that it takes to start. */
    private const WORTH_IT = 2_000_000;

    public function __construct(#[Autowire('%kernel.project_dir%')] private string $root, private LoggerInterface $logger)
    {
    }

    /**
     * @param int  $behind        as many records of the file as were dealt with already
     * @param bool $onlyToCompare whether nothing is taken in now; then less is derived ahead
     *
     * @return \Generator<int, ReadBatch>
     *
     * @throws Conflict when the reader ends before the file does
     */
    public function batches(RecordFile $file, IntakeOptions $options, int $behind, bool $onlyToCompare = false): \Generator
    {
        if (filesize($file->path) < self::WORTH_IT) {
            yield from ReadBatches::of($file, $options, $behind);

            return;
        }
        $reader = $this->reader('catalogue:read-ahead', $file->path, $file->name, $options->written(), (string) $behind, ...$onlyToCompare ? ['--only-to-compare'] : []);
        $reader->start();
        try {
            yield from BatchFrames::read($reader->getIterator(Process::ITER_SKIP_ERR));
        } catch (CutShort) {
            $this->logger->error('The reader of a file ended before the file.', ['file' => $file->path, 'status' => $reader->getExitCodeText(), 'said' => $reader->getErrorOutput()]);
            throw new Conflict('reading-stopped', \sprintf('Reading %s stopped before its end. What is in stays; begin once more and it goes on where it was.', $file->name));
        } finally {
            $reader->stop(0);
        }
    }

    private function reader(string ...$command): Process
    {
        return new Process([(string) (new PhpExecutableFinder())->find(), '-d', 'display_errors=stderr', '-d', 'memory_limit=256M', $this->root.'/config/console.php', ...$command], timeout: null);
    }
}
