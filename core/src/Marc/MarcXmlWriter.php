<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Writes records as MARCXML. A collection is `head()`, the records, `foot()`.
 *
 * @see the MARC 21 XML schema, namespace http://www.loc.gov/MARC21/slim
 */
final class MarcXmlWriter implements RecordWriter
{
    public function head(): string
    {
        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".'<collection xmlns="http://www.loc.gov/MARC21/slim">'."\n";
    }

    public function foot(): string
    {
        return "</collection>\n";
    }

    /** @throws NotExpressible when the record holds characters that XML does not allow */
    public function write(MarcRecord $record): string
    {
        $xml = '<record><leader>'.XmlText::of($record->leader).'</leader>'."\n";
        foreach ($record->fields as $field) {
            if ($field instanceof ControlField) {
                $xml .= \sprintf('<controlfield tag="%s">%s</controlfield>'."\n", XmlText::of($field->tag), XmlText::of($field->value));
                continue;
            }
            $xml .= \sprintf('<datafield tag="%s" ind1="%s" ind2="%s">', XmlText::of($field->tag), XmlText::of($field->indicator1), XmlText::of($field->indicator2));
            foreach ($field->subfields as $subfield) {
                $xml .= \sprintf('<subfield code="%s">%s</subfield>', XmlText::of($subfield->code), XmlText::of($subfield->value));
            }
            $xml .= "</datafield>\n";
        }

        return $xml."</record>\n";
    }
}
