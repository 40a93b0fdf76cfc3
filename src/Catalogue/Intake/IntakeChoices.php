<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use Symfony\Component\Validator\Constraints as Assert;

/**
 * How a file is to be compared and taken in, as chosen by a person.
 */
final readonly class IntakeChoices
{
    /**
     * @param string                     $items      where items stand in the records: 852, or as in 952:barcode=p,branch=a
     * @param list<string>               $keptFields tags that a merged record keeps, a dot for any character
     * @param array<string, string>|null $columns    of a spreadsheet: a target by heading; null lets the headings say it
     * @param string                     $preset     code of an item preset: what items begin with where their record says nothing
     * @param string                     $tidyRules  code of the tidy rules that each record is tidied by
     * @param string                     $worksheet  code of the worksheet that says what records begin with and must have
     */
    public function __construct(
        #[Assert\NotBlank(message: 'Send an id of your own making.')]
        #[Assert\Uuid(message: 'The id of an act is a UUID of your own making.')]
        public string $id = '',
        public string $matchRule = IntakeOptions::STANDARD_RULE,
        #[Assert\Choice(choices: ['replace', 'merge', 'items', 'keep', 'skip'], message: 'Matches are treated as one of: replace, merge, items, keep, skip.')]
        public string $onMatch = 'skip',
        #[Assert\Choice(choices: ['add', 'skip'], message: 'New records are treated as one of: add, skip.')]
        public string $onNew = 'add',
        public string $items = '852',
        public string $branch = '',
        public string $location = '',
        public string $lendingClass = '',
        #[Assert\All([new Assert\Type('string', message: 'A tag is a text, as in 59.')])]
        public array $keptFields = IntakeOptions::LOCAL_FIELDS,
        #[Assert\All([new Assert\Type('string', message: 'Say where a column goes as a text, as in 245$a.')])]
        public ?array $columns = null,
        public string $preset = '',
        public string $tidyRules = '',
        public string $worksheet = '',
    ) {
    }
}
