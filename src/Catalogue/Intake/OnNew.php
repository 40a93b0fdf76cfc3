<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/**
 * What happens to a record of a file that the catalogue does not have.
 */
enum OnNew: string
{
    case Add = 'add';
    case Skip = 'skip';
}
