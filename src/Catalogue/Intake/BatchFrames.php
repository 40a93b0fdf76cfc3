<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * Batches of records as one process hands them to another: each as its length in four bytes and itself, at the end a length of nothing.
 */
final class BatchFrames
{
    /**
     * @param resource            $stream
     * @param iterable<ReadBatch> $batches
     * @param bool                $onlyToCompare whether the other process wants no more of them than that
     */
    public static function write($stream, iterable $batches, bool $onlyToCompare): void
    {
        foreach ($batches as $batch) {
            $batch->derive($onlyToCompare);
            $bytes = serialize($batch);
            self::put($stream, pack('N', \strlen($bytes)).$bytes);
        }
        self::put($stream, pack('N', 0));
    }

    /**
     * @param iterable<string> $chunks what was written, in pieces of any size
     *
     * @return \Generator<int, ReadBatch>
     *
     * @throws CutShort
     */
    public static function read(iterable $chunks): \Generator
    {
        $buffer = '';
        $length = null;
        foreach ($chunks as $chunk) {
            $buffer .= $chunk;
            while (\strlen($buffer) >= 4) {
                $length ??= self::length($buffer);
                if (0 === $length) {
                    return;
                }
                if (\strlen($buffer) < 4 + $length) {
                    break;
                }
                $batch = unserialize(substr($buffer, 4, $length));
                $buffer = substr($buffer, 4 + $length);
                $length = null;
                yield $batch instanceof ReadBatch ? $batch : throw new \LogicException('What was read ahead is no batch of records.');
            }
        }

        throw new CutShort('Nothing stands behind the last whole batch, not even the end.');
    }

    private static function length(string $buffer): int
    {
        /** @var array{1: int} $unpacked */
        $unpacked = unpack('N', $buffer);

        return $unpacked[1];
    }

    /** @param resource $stream */
    private static function put($stream, string $bytes): void
    {
        if (@fwrite($stream, $bytes) !== \strlen($bytes)) {
            throw new CutShort('Nobody reads any more.');
        }
    }
}
