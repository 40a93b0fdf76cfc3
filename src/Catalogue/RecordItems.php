<?php

declare(strict_types=1);

namespace TinLantern\Catalogue;

use TinLantern\Catalogue\Intake\IntakeDefaults;
use TinLantern\Catalogue\Search\HeldItem;
use TinLantern\Core\Marc\ItemStatement;
use TinLantern\Core\Marc\MarcRecord;

/**
 * What the catalogue asks of the holdings, which know it but stand above it.
 */
interface RecordItems
{
    /**
     * Makes items of what records said about them. An item whose barcode is taken already is left out, with a sentence.
     *
     * @param array<int, list<ItemStatement>> $statements by record id
     */
    public function takeIn(array $statements, IntakeDefaults $defaults, int $intakeId): ItemsTakenIn;

    /** @return list<string> codes of the house's item presets */
    public function presets(): array;

    /**
     * What items begin with by a preset, by field; weeks at a temporary location have become the day on which they end.
     *
     * @return array<string, string>|null null when there is no such preset
     */
    public function preset(string $code): ?array;

    /**
     * Takes away the items that an intake brought to these records, except those that were lent or changed since.
     *
     * @param list<int> $recordIds
     *
     * @return array<int, list<string>> barcodes of all items that are left, by record id
     */
    public function takeBack(int $intakeId, array $recordIds): array;

    /**
     * @param list<int> $recordIds
     *
     * @return array<int, list<HeldItem>> by record id
     */
    public function held(array $recordIds): array;

    /**
     * @param list<int> $recordIds
     *
     * @return array<int, Availability> by record id
     */
    public function availability(array $recordIds): array;

    /**
     * Records with the fields of their items as they are now.
     *
     * @param array<int, MarcRecord> $records   by id
     * @param bool                   $forOthers whether they go out of the house: then without what is for the house alone
     *
     * @return array<int, MarcRecord> by id, in the same order
     */
    public function embedIn(array $records, bool $forOthers = false): array;
}
