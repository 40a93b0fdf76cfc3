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
    ) {
    }

    /** What makes two intakes of one file the same. */
    public function written(): string
    {
        return Json::encode([
            'items' => $this->mapping->written(),
            'defaults' => $this->defaults,
            'matchRule' => $this->matchRule,
            'onMatch' => $this->onMatch,
            'onNew' => $this->onNew,
            'keptFields' => $this->keptFields,
            'columns' => $this->columns,
        ]);
    }

    public function columnMapping(): ?ColumnMapping
    {
        return null === $this->columns ? null : ColumnMapping::of($this->columns);
    }

    public static function read(string $written): self
    {
        /** @var array{items: string, defaults: array{branch: string, location: string, lendingClass: string}, matchRule: string, onMatch: string, onNew: string, keptFields: list<string>, columns?: array<string, string>|null} $options */
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
        );
    }
}
