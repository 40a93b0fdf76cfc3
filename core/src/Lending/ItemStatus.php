<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

/**
 * Where an item is in its working life. "Reference only" is a lending class and no status.
 */
enum ItemStatus: string
{
    case Available = 'available';
    case OnLoan = 'on-loan';
    case InTransit = 'in-transit';
    case InProcess = 'in-process';
    case InRepair = 'in-repair';
    case ClaimedReturned = 'claimed-returned';
    case Lost = 'lost';
    case Missing = 'missing';
    case Withdrawn = 'withdrawn';

    /** Set by acts at the desk, never by hand. */
    public function isSetByLending(): bool
    {
        return self::OnLoan === $this || self::InTransit === $this;
    }

    /** An item that is handed in with this status was found, and is on the shelf again. */
    public function endsWithReturn(): bool
    {
        return \in_array($this, [self::InTransit, self::ClaimedReturned, self::Lost, self::Missing], true);
    }
}
