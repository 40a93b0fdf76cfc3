<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Core\Marc\DublinCoreWriter;
use TinLantern\Core\Marc\Iso2709Writer;
use TinLantern\Core\Marc\JsonWriter;
use TinLantern\Core\Marc\MarcXmlWriter;
use TinLantern\Core\Marc\ModsWriter;
use TinLantern\Core\Marc\RecordWriter;
use TinLantern\Core\Marc\RisWriter;

enum ExportFormat: string
{
    case Marc = 'marc';
    case MarcXml = 'marcxml';
    case Json = 'json';
    case DublinCore = 'dc';
    case Mods = 'mods';
    case Ris = 'ris';

    public function mediaType(): string
    {
        return match ($this) {
            self::Marc => 'application/marc',
            self::MarcXml => 'application/marcxml+xml',
            self::Json => 'application/json',
            self::DublinCore, self::Mods => 'application/xml',
            self::Ris => 'application/x-research-info-systems',
        };
    }

    /** The ending of a file's name. */
    public function ending(): string
    {
        return match ($this) {
            self::Marc => 'mrc',
            self::MarcXml, self::DublinCore, self::Mods => 'xml',
            self::Json => 'json',
            self::Ris => 'ris',
        };
    }

    public function writer(): RecordWriter
    {
        return match ($this) {
            self::Marc => new Iso2709Writer(),
            self::MarcXml => new MarcXmlWriter(),
            self::Json => new JsonWriter(),
            self::DublinCore => new DublinCoreWriter(),
            self::Mods => new ModsWriter(),
            self::Ris => new RisWriter(),
        };
    }
}
