<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What happens to a record of a file that the catalogue has already.
 */
enum OnMatch: string
{
    /** The catalogue's record becomes the file's. */
    case Replace = 'replace';
    /** The catalogue's record becomes the file's, but keeps its own local fields. */
    case Merge = 'merge';
    /** The catalogue's record stays as it is and gets the items. */
    case Items = 'items';
    /** Both are kept: the file's is added as a record of its own. */
    case Keep = 'keep';
    case Skip = 'skip';
}
