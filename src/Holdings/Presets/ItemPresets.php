<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Presets;

use TinLantern\House\RuleBook\RuleKind;

/**
 * Saved defaults for new items.
 */
final readonly class ItemPresets implements RuleKind
{
    private const FIELDS = ['status', 'branch', 'location', 'lendingClass', 'prefix', 'callNumber', 'suffix', 'price', 'staffNote', 'material', 'volume', 'vendor', 'fund', 'pieces', 'piecesNote', 'publicNote', 'checkInMessage', 'checkOutMessage', 'temporaryLocation', 'temporaryUntil', 'temporaryWeeks'];

    public static function kind(): string
    {
        return 'item-preset';
    }

    public function problems(array $content): array
    {
        $values = $content['values'] ?? null;
        if (!\is_array($values) || [] === $values) {
            return ['values' => 'Say which fields new items begin with.'];
        }
        $unknown = array_diff(array_map(strval(...), array_keys($values)), self::FIELDS);

        return [] === $unknown ? [] : ['values' => \sprintf('An item has no field "%s" to begin with. There are: %s.', reset($unknown), implode(', ', self::FIELDS))];
    }
}
