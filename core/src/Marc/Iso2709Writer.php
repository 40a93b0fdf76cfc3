<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * Writes a record in the exchange form of ISO 2709, in UTF-8. Only the record length and the base address of the leader are
 * computed anew; everything else is written as it stands.
 */
final class Iso2709Writer implements RecordWriter
{
    public function head(): string
    {
        return '';
    }

    public function foot(): string
    {
        return '';
    }

    /**
     * @return string the bytes of one record, terminator included
     *
     * @throws NotExpressible when a field or the record is too long for the format, or holds its delimiters as text
     */
    public function write(MarcRecord $record): string
    {
        $directory = '';
        $body = '';
        foreach ($record->fields as $field) {
            $data = $this->fieldData($field);
            if (\strlen($data) > 9_999) {
                throw new NotExpressible(\sprintf('Field %s has %d bytes; ISO 2709 carries 9,999. Export this record as MARCXML.', $field->tag, \strlen($data)));
            }
            $directory .= \sprintf('%s%04d%05d', $field->tag, \strlen($data), \strlen($body));
            $body .= $data;
        }
        $base = MarcRecord::LEADER_LENGTH + \strlen($directory) + 1;
        $length = $base + \strlen($body) + 1;
        if ($length > 99_999) {
            throw new NotExpressible(\sprintf('The record has %d bytes; ISO 2709 carries 99,999. Export it as MARCXML.', $length));
        }
        $leader = \sprintf('%05d%s%05d%s', $length, substr($record->leader, 5, 7), $base, substr($record->leader, 17));

        return $leader.$directory."\x1E".$body."\x1D";
    }

    private function fieldData(ControlField|DataField $field): string
    {
        if ($field instanceof ControlField) {
            return $this->text($field->tag, $field->value)."\x1E";
        }
        $data = $field->indicator1.$field->indicator2;
        foreach ($field->subfields as $subfield) {
            $data .= "\x1F".$subfield->code.$this->text($field->tag, $subfield->value);
        }

        return $data."\x1E";
    }

    private function text(string $tag, string $text): string
    {
        if (\strlen($text) !== strcspn($text, "\x1D\x1E\x1F")) {
            throw new NotExpressible(\sprintf('Field %s holds a delimiter of ISO 2709 as text. Remove it from the record.', $tag));
        }

        return $text;
    }
}
