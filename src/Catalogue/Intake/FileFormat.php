<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * In which form a file holds records.
 */
enum FileFormat: string
{
    case Marc = 'marc';
    case MarcXml = 'marcxml';
    case Json = 'json';
    case Csv = 'csv';
    case Xlsx = 'xlsx';
    case Ods = 'ods';

    public function isSheet(): bool
    {
        return \in_array($this, [self::Csv, self::Xlsx, self::Ods], true);
    }
}
