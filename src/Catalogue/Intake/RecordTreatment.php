<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Catalogue\Sources\TidyRuleSets;
use TinLantern\Core\Marc\MarcRecord;
use TinLantern\Core\Marc\Tidy\TidyRules;
use TinLantern\Core\Marc\Worksheet\Beginning;
use TinLantern\Core\Marc\Worksheet\Worksheet;

/**
 * What is done to each record of a file before it is compared: it is tidied, gets what a worksheet begins with where it lacks that, and is
 * looked through for what the worksheet requires. Holds the rules as they were when the file was sent off, so that a change of the rule book
 * never parts one file in two.
 */
final readonly class RecordTreatment
{
    private TidyRules $tidy;
    private Beginning $fillIn;

    /**
     * @param string                      $tidyRules code of the tidy rules; nothing for none
     * @param list<array<string, string>> $steps     of them, as the rule book has them
     * @param string                      $worksheet code of the worksheet; nothing for none
     * @param string                      $beginning what it begins with, as lines of text
     * @param array<string, string>       $required  what it requires and what people call that, by place as in 245$a
     */
    public function __construct(
        public string $tidyRules = '',
        private array $steps = [],
        public string $worksheet = '',
        private string $beginning = '',
        private array $required = [],
    ) {
        $this->tidy = TidyRuleSets::steps($steps);
        $this->fillIn = Beginning::of($beginning);
    }

    public function isNothing(): bool
    {
        return '' === $this->tidyRules && '' === $this->worksheet;
    }

    public function of(MarcRecord $record): MarcRecord
    {
        return $this->isNothing() ? $record : $this->fillIn->fillIn($this->tidy->apply($record)->record);
    }

    /** @return list<string> a sentence for each thing that a treated record lacks */
    public function remarks(MarcRecord $treated): array
    {
        return [] === $this->required ? [] : array_map(
            fn (string $place): string => \sprintf('%s is required by the worksheet and is not there.', $this->required[$place]),
            (new Worksheet(array_map(strval(...), array_keys($this->required)), []))->missing($treated),
        );
    }

    /** @return array<string, mixed> what the constructor takes, by name */
    public function written(): array
    {
        return ['tidyRules' => $this->tidyRules, 'steps' => $this->steps, 'worksheet' => $this->worksheet, 'beginning' => $this->beginning, 'required' => $this->required];
    }
}
