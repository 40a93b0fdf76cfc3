<?php

declare(strict_types=1);

namespace TinLantern\Core\Calendar;

/**
 * A day of the calendar, without a time or a zone.
 */
final readonly class Day implements \Stringable
{
    /** @param string $iso YYYY-MM-DD */
    private function __construct(public string $iso)
    {
    }

    /** @throws \InvalidArgumentException when there is no such day */
    public static function of(string $iso): self
    {
        return self::tryFrom($iso) ?? throw new \InvalidArgumentException(\sprintf('"%s" is no day. Write it as 2026-03-17.', $iso));
    }

    public static function tryFrom(string $iso): ?self
    {
        return 1 === preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $iso, $parts) && checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1])
            ? new self($iso)
            : null;
    }

    /** The day on the clocks of a zone at an instant. */
    public static function at(\DateTimeImmutable $instant, \DateTimeZone $zone): self
    {
        return new self($instant->setTimezone($zone)->format('Y-m-d'));
    }

    public function plusDays(int $days): self
    {
        return new self($this->midnightUtc()->modify(\sprintf('%+d days', $days))->format('Y-m-d'));
    }

    /** From 1, Monday, to 7, Sunday. */
    public function weekday(): int
    {
        return (int) $this->midnightUtc()->format('N');
    }

    public function isBefore(self $other): bool
    {
        return $this->iso < $other->iso;
    }

    public function isAfter(self $other): bool
    {
        return $this->iso > $other->iso;
    }

    /** The instant at which the clocks of a zone show this many minutes after midnight. */
    public function atMinute(int $minute, \DateTimeZone $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable(\sprintf('%s %02d:%02d', $this->iso, intdiv($minute, 60), $minute % 60), $zone);
    }

    public function __toString(): string
    {
        return $this->iso;
    }

    private function midnightUtc(): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->iso, new \DateTimeZone('UTC'));
    }
}
