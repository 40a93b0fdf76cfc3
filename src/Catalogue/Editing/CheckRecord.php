<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Editing;

use TinLantern\Core\Marc\Definition\RecordCheck;
use TinLantern\Core\Marc\Definition\Remark;
use TinLantern\Core\Marc\LineText;
use TinLantern\Core\Marc\Unreadable;
use TinLantern\Core\Marc\Worksheet\Worksheet;

/**
 * Says what MARC 21 and the worksheet have to remark on a record while it is entered.
 */
final readonly class CheckRecord
{
    public function __construct(private Worksheets $worksheets)
    {
    }

    public function __invoke(DraftForm $draft): RecordCheckView
    {
        try {
            $record = LineText::parse($draft->text);
        } catch (Unreadable $unreadable) {
            return new RecordCheckView($unreadable->getMessage(), [], [], []);
        }
        $worksheet = $this->worksheets->find($draft->worksheet);
        $remarks = array_filter(RecordCheck::of($record), static fn (Remark $remark): bool => 'empty' !== $remark->code);

        return new RecordCheckView(
            null,
            array_values($remarks),
            self::places($worksheet?->missing($record) ?? [], $worksheet),
            self::places($worksheet?->wanting($record) ?? [], $worksheet),
        );
    }

    /**
     * @param list<string> $places
     *
     * @return list<PlaceView>
     */
    private static function places(array $places, ?Worksheet $worksheet): array
    {
        return array_map(static fn (string $place): PlaceView => new PlaceView($place, Worksheets::named($place, $worksheet)), $places);
    }
}
