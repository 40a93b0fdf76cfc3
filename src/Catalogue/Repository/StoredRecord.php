<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Repository;

use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;

/**
 * A record as it stands in the database, or stood there as an earlier version.
 */
final readonly class StoredRecord
{
    public function __construct(public int $id, public int $version, public string $text, public string $madeAt, public string $madeBy, public string $cause)
    {
    }

    public function marc(): MarcRecord
    {
        return LineText::parse($this->text);
    }
}
