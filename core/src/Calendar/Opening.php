<?php

declare(strict_types=1);

namespace TinLantern\Core\Calendar;

/**
 * A time of a day during which a branch is open: minutes after midnight on the local clock, end not included.
 */
final readonly class Opening
{
    public function __construct(public int $from, public int $until)
    {
        if ($from < 0 || $until > 24 * 60 || $from >= $until) {
            throw new \InvalidArgumentException('An opening begins before it ends, within one day.');
        }
    }

    /** From the written form `09:00-18:00`. */
    public static function parse(string $written): self
    {
        if (1 !== preg_match('/^(\d{1,2}):(\d{2})-(\d{1,2}):(\d{2})$/D', $written, $parts)) {
            throw new \InvalidArgumentException(\sprintf('"%s" is no opening. Write it as 09:00-18:00.', $written));
        }

        return new self(60 * (int) $parts[1] + (int) $parts[2], 60 * (int) $parts[3] + (int) $parts[4]);
    }
}
