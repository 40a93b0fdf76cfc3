<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc\Tidy;

use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Core\Marc\Subfield;
use TinLantern\Core\Marc\TagPattern;
use TinLantern\Core\Marc\Unreadable;

/**
 * One step of tidying a record that was fetched: remove, add, replace or move.
 */
final readonly class TidyStep
{
    public const ACTS = ['remove', 'add', 'replace', 'move'];

    /**
     * @param string $act      remove, add, replace or move
     * @param string $tags     which fields: a tag, a dot for any character; for add, nothing
     * @param string $code     which subfield; nothing for the whole field
     * @param string $contains only where the field (or the subfield, if one is named) contains this text; case does not count
     * @param string $lacks    only where it does not contain this text
     * @param string $text     for add: a field as a line of text; for replace: what is replaced (nothing for all of it)
     * @param string $with     for replace: what takes its place; for move: the new tag
     */
    private function __construct(public string $act, public string $tags, public string $code, public string $contains, public string $lacks, public string $text, public string $with)
    {
    }

    /**
     * @param array<string, string> $written
     *
     * @throws \InvalidArgumentException with a sentence that says what to write
     */
    public static function of(array $written): self
    {
        $step = new self($written['act'] ?? '', $written['tags'] ?? '', $written['code'] ?? '', $written['contains'] ?? '', $written['lacks'] ?? '', $written['text'] ?? '', $written['with'] ?? '');
        if (!\in_array($step->act, self::ACTS, true)) {
            throw new \InvalidArgumentException(\sprintf('"%s" is no step. There are: %s.', $step->act, implode(', ', self::ACTS)));
        }
        if ('add' === $step->act) {
            try {
                LineText::parseField($step->text);
            } catch (Unreadable) {
                throw new \InvalidArgumentException(\sprintf('"%s" is no field. Write it as a line: 040 ## $aVIL', $step->text));
            }
        } elseif (!TagPattern::isOne($step->tags)) {
            throw new \InvalidArgumentException(\sprintf('"%s" is no tag. Write three characters, a dot for any: 9..', $step->tags));
        }
        if ('move' === $step->act && (1 !== preg_match('/^[0-9A-Za-z]{3}$/D', $step->with) || ControlField::isTag($step->with) !== ControlField::isTag($step->tags))) {
            throw new \InvalidArgumentException(\sprintf('Fields %s cannot become "%s". Name a tag of the same kind.', $step->tags, $step->with));
        }

        return $step;
    }

    /** @param list<string> $done told what was done, a line for each field, as in `removed 938 ## $aVendor` */
    public function apply(MarcRecord $record, array &$done): MarcRecord
    {
        if ('add' === $this->act) {
            return $this->added($record, $done);
        }
        $fields = [];
        foreach ($record->fields as $field) {
            $after = TagPattern::matchesAny($field->tag, [$this->tags]) && $this->isMeant($field) ? $this->changed($field) : $field;
            if ($after !== $field) {
                $done[] = null === $after ? 'removed '.LineText::writeField($field) : 'changed '.LineText::writeField($field).' → '.LineText::writeField($after);
            }
            if (null !== $after) {
                $fields[] = $after;
            }
        }
        if ('move' === $this->act) {
            usort($fields, static fn (ControlField|DataField $a, ControlField|DataField $b): int => $a->tag[0] <=> $b->tag[0]);
        }

        return $record->withFields($fields);
    }

    /** @param list<string> $done */
    private function added(MarcRecord $record, array &$done): MarcRecord
    {
        foreach ($record->fields as $field) {
            if (LineText::writeField($field) === $this->text) {
                return $record;
            }
        }
        $done[] = 'added '.$this->text;

        return $record->withFields(Overlay::placed($record->fields, LineText::parseField($this->text)));
    }

    private function isMeant(ControlField|DataField $field): bool
    {
        $texts = match (true) {
            $field instanceof ControlField => [$field->value],
            '' === $this->code => array_map(static fn (Subfield $subfield): string => $subfield->value, $field->subfields),
            default => $field->all($this->code),
        };
        if ('' !== $this->code && [] === $texts) {
            return false;
        }
        $all = mb_strtolower(implode("\n", $texts));

        return ('' === $this->contains || str_contains($all, mb_strtolower($this->contains))) && ('' === $this->lacks || !str_contains($all, mb_strtolower($this->lacks)));
    }

    private function changed(ControlField|DataField $field): ControlField|DataField|null
    {
        if ($field instanceof ControlField) {
            return match ($this->act) {
                'remove' => null,
                'move' => new ControlField($this->with, $field->value),
                default => $this->orSame($field, new ControlField($field->tag, $this->replaced($field->value))),
            };
        }
        if ('move' === $this->act) {
            return new DataField($this->with, $field->indicator1, $field->indicator2, $field->subfields);
        }
        if ('remove' === $this->act && '' === $this->code) {
            return null;
        }
        $subfields = [];
        foreach ($field->subfields as $subfield) {
            $isMeant = '' === $this->code || $subfield->code === $this->code;
            if (!$isMeant || 'remove' !== $this->act) {
                $subfields[] = $isMeant ? new Subfield($subfield->code, $this->replaced($subfield->value)) : $subfield;
            }
        }

        return [] === $subfields ? null : $this->orSame($field, new DataField($field->tag, $field->indicator1, $field->indicator2, $subfields));
    }

    private function replaced(string $value): string
    {
        return '' === $this->text ? $this->with : str_replace($this->text, $this->with, $value);
    }

    private function orSame(ControlField|DataField $field, ControlField|DataField $after): ControlField|DataField
    {
        return LineText::writeField($field) === LineText::writeField($after) ? $field : $after;
    }
}
