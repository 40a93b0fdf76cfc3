<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\DescribedRecord;
use TinLantern\Core\Marc\ItemFields;
use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\RecordParts;

/**
 * A record of a file with everything that can be derived from it alone, before anything is asked of the database.
 */
final readonly class PreparedRecord
{
    /** @param string $text the record as it came, with its item fields, as lines of text */
    private function __construct(public MarcRecord $marc, public string $text, public RecordParts $parts, public DescribedRecord $described)
    {
    }

    public static function of(MarcRecord $marc, ItemMapping $mapping): self
    {
        $parts = ItemFields::part($marc, $mapping);
        $leader = strtok(LineText::write($marc->withFields([])), "\n");
        $lines = [];
        foreach ($marc->fields as $field) {
            $lines[spl_object_id($field)] = LineText::writeField($field);
        }
        // Most fields of the record proper are those of the record as it came.
        $own = [];
        foreach ($parts->record->fields as $field) {
            $own[] = $lines[spl_object_id($field)] ?? LineText::writeField($field);
        }

        return new self($marc, implode("\n", [$leader, ...array_values($lines)]), $parts, DescribedRecord::of($parts->record, implode("\n", [$leader, ...$own])));
    }
}
