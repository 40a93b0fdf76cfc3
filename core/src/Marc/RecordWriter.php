<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Writes records in some form: a file is `head()`, the records one behind the other, `foot()`.
 */
interface RecordWriter
{
    public function head(): string;

    /** @throws NotExpressible when the form cannot carry the record */
    public function write(MarcRecord $record): string;

    public function foot(): string;
}
