<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

/**
 * What a scan has led to.
 */
enum ScanOutcome: string
{
    case Lent = 'lent';
    case Returned = 'returned';
    case Renewed = 'renewed';
    case Refused = 'refused';
    case AlreadyTheirs = 'already-theirs';
    case Shown = 'shown';
    case Unknown = 'unknown';
}
