<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Psr\Clock\ClockInterface;
use TinLantern\Catalogue\Editing\Worksheets;
use TinLantern\Catalogue\Sources\TidyRuleSets;
use TinLantern\House\RuleBook\RuleBook;

/**
 * Looks up the tidy rules and the worksheet that were chosen for the records of a file.
 */
final readonly class RecordTreatmentOf
{
    public function __construct(private RuleBook $book, private Worksheets $worksheets, private ClockInterface $clock, private \DateTimeZone $houseZone)
    {
    }

    /** @return list<string> codes of the house's tidy rules */
    public function tidyRules(): array
    {
        return array_map(strval(...), array_keys($this->book->all(TidyRuleSets::kind())));
    }

    /** @return list<string> codes of the house's worksheets */
    public function worksheets(): array
    {
        return array_map(strval(...), array_keys($this->book->all(Worksheets::kind())));
    }

    /** What the house does not have, does nothing. */
    public function __invoke(string $tidyRules, string $worksheet): RecordTreatment
    {
        $steps = $this->book->find(TidyRuleSets::kind(), $tidyRules)->content['steps'] ?? [];
        $beginning = $this->book->find(Worksheets::kind(), $worksheet)->content['beginning'] ?? '';
        $sheet = $this->worksheets->find($worksheet);
        $required = [];
        foreach ($sheet->required ?? [] as $place) {
            $required[$place] = Worksheets::named($place, $sheet);
        }

        return new RecordTreatment(
            $tidyRules,
            TidyRuleSets::written($steps),
            $worksheet,
            str_replace('{today}', $this->clock->now()->setTimezone($this->houseZone)->format('ymd'), \is_string($beginning) ? $beginning : ''),
            $required,
        );
    }
}
