<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Core\Marc\MarcRecord;

/**
 * Reads a file a batch of records at a time.
 */
final class ReadBatches
{
    private const SIZE = 500;

    /**
     * @param int $behind as many records of the file as were dealt with already
     *
     * @return \Generator<int, ReadBatch>
     */
    public static function of(RecordFile $file, IntakeOptions $options, int $behind): \Generator
    {
        $read = 0;
        $batch = $remarks = [];
        foreach ($file->records() as $record) {
            if (++$read <= $behind) {
                continue;
            }
            $batch[$read] = $record instanceof MarcRecord ? PreparedRecord::of($record, $options) : $record;
            if ([] !== $file->remarks) {
                $remarks[$read] = implode(' ', $file->remarks);
            }
            if (self::SIZE === \count($batch)) {
                yield new ReadBatch($batch, $remarks);
                $batch = $remarks = [];
            }
        }
        if ([] !== $batch) {
            yield new ReadBatch($batch, $remarks);
        }
    }
}
