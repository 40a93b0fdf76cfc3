<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Matching\MatchKeys;
use TinLantern\Core\Marc\MalformedRecord;
use TinLantern\Core\Matching\MatchFacts;
use TinLantern\Core\Matching\MatchRule;
use TinLantern\Core\Matching\RecordMatch;

/**
 * Compares some records of a file with the catalogue, and with those before them in the file, and keeps what was found.
 */
final readonly class CompareBatch
{
    public function __construct(private ComparedRecords $compared, private MatchKeys $keys)
    {
    }

    /** @return list<ComparedRecord> */
    public function __invoke(int $intakeId, MatchRule $rule, ReadBatch $batch): array
    {
        $facts = array_map(
            static fn (PreparedRecord $record): MatchFacts => $record->described->facts(),
            array_filter($batch->records, static fn (PreparedRecord|MalformedRecord $record): bool => $record instanceof PreparedRecord),
        );
        $known = new KnownRecords($intakeId, $rule, $this->keys, $this->compared, $facts);
        $results = [];
        foreach ($batch->records as $place => $record) {
            $results[] = $record instanceof MalformedRecord ? ComparedRecord::broken($place, $record) : self::one($place, $record, $known)->remarkedOn($batch->remarks[$place] ?? '', ...$record->remarks);
        }
        $this->compared->keep($intakeId, $results);
        $this->compared->keepKeys($intakeId, $known->fresh());

        return $results;
    }

    private static function one(int $place, PreparedRecord $record, KnownRecords $known): ComparedRecord
    {
        $title = $record->described->brief->title;
        $whyNot = self::whyNotForTheCatalogue($record->leader);
        if (null !== $whyNot) {
            return ComparedRecord::unfit($place, $record->text, $title, $whyNot);
        }
        $match = $known->inCatalogue($place);
        if ($match instanceof RecordMatch && $match->agrees) {
            return ComparedRecord::matching($place, $record->text, $title, $match);
        }
        $again = $known->earlierInFile($place);
        if ($again instanceof RecordMatch && $again->agrees) {
            return ComparedRecord::again($place, $record->text, $title, $again);
        }
        $known->remember($place);

        return ComparedRecord::fresh($place, $record->text, $title, $match);
    }

    private static function whyNotForTheCatalogue(string $leader): ?string
    {
        return match (true) {
            \in_array($leader[6], ['q', 'u', 'v', 'w', 'x', 'y', 'z'], true) => \sprintf('leader position 6 is "%s", so it describes no title (it is an authority, holdings, classification or community record).', $leader[6]),
            'd' === $leader[5] => 'leader position 5 is "d": the sender has deleted it.',
            default => null,
        };
    }
}
