<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Repository;

/**
 * How a version of a record came to be, or why a record is gone.
 */
enum Cause: string
{
    case Intake = 'intake';
    case Edited = 'edited';
    case Overlaid = 'overlaid';
    case Merged = 'merged';
    case Heading = 'heading';
    case Returned = 'returned';
    case TakenBack = 'taken-back';
    case Removed = 'removed';
}
