<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Catalogue\Repository\StoredRecord;

/**
 * A record as it is edited.
 */
final readonly class RecordTextView
{
    public function __construct(public int $id, public int $version, public string $text, public \DateTimeImmutable $madeAt, public string $madeBy, public string $cause)
    {
    }

    public static function of(StoredRecord $record): self
    {
        return new self($record->id, $record->version, $record->text, new \DateTimeImmutable($record->madeAt), $record->madeBy, $record->cause);
    }
}
