<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

enum ExportFormat: string
{
    case Marc = 'marc';
    case MarcXml = 'marcxml';
    case Json = 'json';
}
