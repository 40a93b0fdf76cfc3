<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Sources;

use TinLantern\Catalogue\FieldPairView;
use TinLantern\Catalogue\Intake\IntakeOptions;
use TinLantern\Catalogue\Repository\Records;
use TinLantern\Core\Marc\ControlField;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Overlay;
use TinLantern\Core\Marc\TagPattern;
use TinLantern\Core\Marc\Unreadable;
use TinLantern\Platform\Problem\Invalid;
use TinLantern\Platform\Problem\NotFound;

/**
 * Shows what a fetched record becomes: tidied, and laid over ours or merged into it. Nothing is saved.
 */
final readonly class PreviewTakeOver
{
    /** Of headings a merged record gets those that it lacks, although it has others with the same tag. */
    private const GATHERED = ['6..', '7..', '02.', '505', '520'];

    public function __construct(private TidyRuleSets $rules, private Records $records)
    {
    }

    public function __invoke(TakeOver $asked): TakeOverView
    {
        try {
            $rules = null === $asked->steps ? $this->rules->find($asked->tidy) ?? throw NotFound::of('tidy rules', $asked->tidy) : TidyRuleSets::steps($asked->steps);
            $tidied = $rules->apply(LineText::parse($asked->text));
        } catch (Unreadable $unreadable) {
            throw new Invalid(['text' => $unreadable->getMessage()]);
        } catch (\InvalidArgumentException $wrong) {
            throw new Invalid(['steps' => $wrong->getMessage()]);
        }
        if ('new' === $asked->as || null === $asked->record) {
            return new TakeOverView(LineText::write($tidied->record), $tidied->done, FieldPairView::between(LineText::parse($asked->text), $tidied->record), null);
        }
        $own = $this->records->find($asked->record) ?? throw NotFound::of('record', $asked->record);
        $became = 'merge' === $asked->as ? self::merged($own->marc(), $tidied->record) : self::overlaid($own->marc(), $tidied->record);

        return new TakeOverView(LineText::write($became), $tidied->done, FieldPairView::between($own->marc(), $became), $own->version);
    }

    /** Theirs, with our number and local fields; their number goes where numbers of others stand. */
    private static function overlaid(MarcRecord $own, MarcRecord $theirs): MarcRecord
    {
        $number = $theirs->control('001');
        $source = trim($theirs->control('003') ?? '');
        $fields = array_values(array_filter($theirs->fields, static fn (ControlField|DataField $field): bool => !\in_array($field->tag, ['001', '003'], true)));
        if (null !== $number && '' !== $source) {
            $fields = Overlay::placed($fields, DataField::of('035', '  ', 'a', "({$source})".trim($number)));
        }

        return Overlay::keeping($theirs->withFields($fields), $own, ['001', '003', ...IntakeOptions::LOCAL_FIELDS]);
    }

    /** Ours, with the fields of theirs that it lacks. */
    private static function merged(MarcRecord $own, MarcRecord $theirs): MarcRecord
    {
        $lines = array_map(LineText::writeField(...), $own->fields);
        $tags = array_map(static fn (ControlField|DataField $field): string => $field->tag, $own->fields);
        $fields = $own->fields;
        foreach ($theirs->fields as $field) {
            $isGathered = TagPattern::matchesAny($field->tag, self::GATHERED);
            if ($field instanceof DataField && !\in_array(LineText::writeField($field), $lines, true) && ($isGathered || !\in_array($field->tag, $tags, true))) {
                $fields = Overlay::placed($fields, $field);
            }
        }

        return $own->withFields($fields);
    }
}
