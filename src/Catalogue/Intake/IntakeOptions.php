<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Core\Marc\ItemMapping;
use TinLantern\Core\Tabular\ColumnMapping;
use TinLantern\Platform\Json;

/**
 * How a file is to be taken in.
 */
final readonly class IntakeOptions
{
    public const STANDARD_RULE = 'standard';
    /** Fields that belong to the house, not to the title: kept when a record is merged. */
    public const LOCAL_FIELDS = ['09.', '59.', '69.', '9..'];

    /**
     * @param string                     $matchRule  code of a match rule of the house
     * @param array<string, string>|null $columns    what the columns of a spreadsheet mean: a target by heading; null lets the headings say it
     * @param list<string>               $keptFields tags that a merged record keeps, a dot for any character
     */
    public function __construct(
        public ItemMapping $mapping,
        public IntakeDefaults $defaults,
        public bool $again = false,
        public string $matchRule = self::STANDARD_RULE,
        public OnMatch $onMatch = OnMatch::Keep,
        public OnNew $onNew = OnNew::Add,
        public array $keptFields = self::LOCAL_FIELDS,
        public ?array $columns = null,
        public RecordTreatment $treatment = new RecordTreatment(),
    ) {
    }

    /** Everything, as it is kept with the file. */
    public function written(): string
    {
        return Json::encode(['defaults' => $this->defaults->written()] + ($this->treatment->isNothing() ? [] : ['treatment' => $this->treatment->written()]) + $this->choices());
    }

    /** Was the same chosen? What a preset, a worksheet or tidy rules said on that day makes no difference. */
    public function areLike(self $other): bool
    {
        return [$this->choices(), $this->codes()] === [$other->choices(), $other->codes()];
    }

    /** @return array<string, mixed> */
    private function choices(): array
    {
        return [
            'items' => $this->mapping->written(),
            'matchRule' => $this->matchRule,
            'onMatch' => $this->onMatch->value,
            'onNew' => $this->onNew->value,
            'keptFields' => $this->keptFields,
            'columns' => $this->columns,
        ];
    }

    /** @return list<string> of the house's lists and rules that were chosen */
    private function codes(): array
    {
        return [$this->defaults->branch, $this->defaults->location, $this->defaults->lendingClass, $this->defaults->preset, $this->treatment->tidyRules, $this->treatment->worksheet];
    }

    /** Compared in the same way, with another choice of what becomes of matches, of the others and of items. */
    public function choosing(self $chosen): self
    {
        return new self($this->mapping, $chosen->defaults, false, $this->matchRule, $chosen->onMatch, $chosen->onNew, $chosen->keptFields, $this->columns, $this->treatment);
    }

    public function columnMapping(): ?ColumnMapping
    {
        return null === $this->columns ? null : ColumnMapping::of($this->columns);
    }

    public static function read(string $written): self
    {
        /** @var array{items: string, defaults: array{branch: string, location: string, lendingClass: string, preset?: string, values?: array<string, string>}, matchRule: string, onMatch: string, onNew: string, keptFields: list<string>, columns?: array<string, string>|null, treatment?: array{tidyRules: string, steps: list<array<string, string>>, worksheet: string, beginning: string, required: array<string, string>}} $options */
        $options = json_decode($written, true, 8, \JSON_THROW_ON_ERROR);

        return new self(
            ItemMapping::parse($options['items']),
            new IntakeDefaults(...$options['defaults']),
            false,
            $options['matchRule'],
            OnMatch::from($options['onMatch']),
            OnNew::from($options['onNew']),
            $options['keptFields'],
            $options['columns'] ?? null,
            new RecordTreatment(...$options['treatment'] ?? []),
        );
    }
}
