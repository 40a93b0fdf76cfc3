<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Catalogue\Repository\Records;
use TinLantern\Core\Marc\BriefDescription;
use TinLantern\Core\Marc\DataField;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Platform\Problem\NotFound;

/**
 * Reads one record as shown: a readable card, and its MARC.
 */
final readonly class RecordPage
{
    public function __construct(private Records $records)
    {
    }

    public function of(int $id): RecordView
    {
        $marc = $this->records->marc($id) ?? throw $this->notThere($id);
        $brief = BriefDescription::of($marc);

        return new RecordView(
            $id,
            $brief->title,
            $brief->author,
            $marc->firstData('245')?->first('c') ?? '',
            $brief->edition,
            $brief->published,
            $brief->extent,
            $brief->year,
            $brief->language,
            $brief->format->value,
            $brief->isbns,
            array_values(array_unique(array_map(self::subject(...), $marc->data('6..')))),
            array_map(static fn (DataField $field): string => $field->joined('abcdt'), $marc->data('500', '504', '505', '508', '511', '520', '538', '546')),
            self::lines($marc),
        );
    }

    private function notThere(int $id): NotFound
    {
        $gone = $this->records->gone($id);

        return match (true) {
            null === $gone => NotFound::of('record', $id),
            null === $gone->mergedInto => new NotFound('record-removed', \sprintf('Record %d was removed by %s on %s. It can be brought back from the journal.', $id, $gone->removedBy, substr($gone->removedAt, 0, 10))),
            default => new NotFound('record-merged', \sprintf('Record %d was merged into record %d by %s on %s.', $id, $gone->mergedInto, $gone->removedBy, substr($gone->removedAt, 0, 10)), ['mergedInto' => $gone->mergedInto]),
        };
    }

    private static function subject(DataField $field): string
    {
        $text = '';
        foreach ($field->subfields as $subfield) {
            if (!str_contains('0123456789uw', $subfield->code)) {
                $text .= ('' === $text ? '' : (str_contains('vxyz', $subfield->code) ? ' · ' : ' ')).$subfield->value;
            }
        }

        return rtrim($text, ' .');
    }

    /** @return list<MarcLineView> */
    private static function lines(MarcRecord $marc): array
    {
        $lines = [];
        foreach (explode("\n", LineText::write($marc)) as $index => $line) {
            $isControl = 0 === $index || str_starts_with($line, '00');
            $lines[] = new MarcLineView(
                substr($line, 0, 3),
                $isControl ? '' : substr($line, 4, 2),
                $isControl ? substr($line, 4) : substr($line, 7),
            );
        }

        return $lines;
    }
}
