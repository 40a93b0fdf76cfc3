<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use Psr\Clock\ClockInterface;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Core\Marc\Subfield;
use TinLantern\Core\Marc\Unreadable;
use TinLantern\Core\Marc\Worksheet\Worksheet;
use TinLantern\Platform\Problem\Invalid;

/**
 * Turns what was entered into a record: without the empty fields of the worksheet, composed, with the moment of the change in 005.
 */
final readonly class RecordOf
{
    public function __construct(private Worksheets $worksheets, private ClockInterface $clock)
    {
    }

    /** @throws Invalid with a sentence for each thing that is missing */
    public function __invoke(RecordForm $form): MarcRecord
    {
        try {
            $record = self::tidied(LineText::parse($form->text))->composed();
        } catch (Unreadable $unreadable) {
            throw new Invalid(['text' => $unreadable->getMessage()]);
        }
        $missing = $this->missing($record, $form->worksheet);
        if ([] !== $missing) {
            throw new Invalid($missing);
        }
        $without = array_values(array_filter($record->fields, static fn (ControlField|DataField $field): bool => '005' !== $field->tag));

        return $record->withFields(Overlay::placed($without, new ControlField('005', $this->clock->now()->format('YmdHis').'.0')));
    }

    /** Without subfields that hold nothing, and without fields that then hold nothing. */
    public static function tidied(MarcRecord $record): MarcRecord
    {
        $fields = [];
        foreach ($record->fields as $field) {
            if ($field instanceof ControlField) {
                if ('' !== trim($field->value)) {
                    $fields[] = $field;
                }
                continue;
            }
            $subfields = array_values(array_filter($field->subfields, static fn (Subfield $subfield): bool => '' !== trim($subfield->value)));
            if ([] !== $subfields) {
                $fields[] = new DataField($field->tag, $field->indicator1, $field->indicator2, $subfields);
            }
        }

        return $record->withFields($fields);
    }

    /** @return array<string, string> sentences by place */
    private function missing(MarcRecord $record, string $code): array
    {
        $worksheet = '' === $code ? new Worksheet(['245$a'], []) : $this->worksheets->find($code) ?? throw new Invalid(['worksheet' => \sprintf('There is no worksheet "%s".', $code)]);
        $sentences = [];
        foreach ($worksheet->missing($record) as $place) {
            $sentences[$place] = \sprintf('%s is required and is empty.', Worksheets::named($place, $worksheet));
        }

        return $sentences;
    }
}
