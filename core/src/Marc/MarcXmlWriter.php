<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Writes records as MARCXML. A collection is `head()`, the records, `foot()`.
 *
 * @see the MARC 21 XML schema, namespace http://www.loc.gov/MARC21/slim
 */
final class MarcXmlWriter
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
        $xml = '<record><leader>'.$this->text($record->leader).'</leader>'."\n";
        foreach ($record->fields as $field) {
            if ($field instanceof ControlField) {
                $xml .= \sprintf('<controlfield tag="%s">%s</controlfield>'."\n", $this->text($field->tag), $this->text($field->value));
                continue;
            }
            $xml .= \sprintf('<datafield tag="%s" ind1="%s" ind2="%s">', $this->text($field->tag), $this->text($field->indicator1), $this->text($field->indicator2));
            foreach ($field->subfields as $subfield) {
                $xml .= \sprintf('<subfield code="%s">%s</subfield>', $this->text($subfield->code), $this->text($subfield->value));
            }
            $xml .= "</datafield>\n";
        }

        return $xml."</record>\n";
    }

    private function text(string $text): string
    {
        if (1 === preg_match('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', $text, $found)) {
            throw new NotExpressible(\sprintf('The character U+%04X is not allowed in XML. Export this record as ISO 2709, or remove the character.', mb_ord($found[0])));
        }

        return str_replace("\r", '&#13;', htmlspecialchars($text, \ENT_XML1 | \ENT_QUOTES));
    }
}
