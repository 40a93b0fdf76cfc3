<?php

declare(strict_types=1);

namespace TinLantern\Holdings\Presets;

use Psr\Clock\ClockInterface;
use TinLantern\Core\Calendar\Day;
use TinLantern\House\RuleBook\RuleBook;
use TinLantern\House\RuleBook\RuleKind;

/**
 * Saved defaults for new items.
 */
final readonly class ItemPresets implements RuleKind
{
    private const FIELDS = ['status', 'branch', 'location', 'lendingClass', 'prefix', 'callNumber', 'suffix', 'price', 'staffNote', 'material', 'volume', 'vendor', 'fund', 'pieces', 'piecesNote', 'publicNote', 'checkInMessage', 'checkOutMessage', 'temporaryLocation', 'temporaryUntil', 'temporaryWeeks'];

    public function __construct(private RuleBook $book, private ClockInterface $clock, private \DateTimeZone $houseZone)
    {
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_map(strval(...), array_keys($this->book->all(self::kind())));
    }

    /**
     * What items begin with by a preset; weeks at a temporary location have become the day on which they end.
     *
     * @return array<string, string>|null by field; null when there is no such preset
     */
    public function values(string $code): ?array
    {
        $rule = $this->book->find(self::kind(), $code);
        if (null === $rule) {
            return null;
        }
        $values = array_map(static fn (mixed $value): string => \is_scalar($value) ? (string) $value : '', (array) ($rule->content['values'] ?? []));
        $weeks = (int) ($values['temporaryWeeks'] ?? '');
        unset($values['temporaryWeeks']);
        if ($weeks > 0) {
            $values['temporaryUntil'] = (string) Day::at($this->clock->now(), $this->houseZone)->plusDays(7 * $weeks);
        }

        return array_combine(array_map(strval(...), array_keys($values)), array_values($values));
    }

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
