<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

/**
 * What somebody must be permitted to do for a reason not to stand in the way; the values are names of permissions.
 */
enum Lift: string
{
    case Patron = 'lending.override-patron';
    case Item = 'lending.override-item';
    case Limit = 'lending.override-limit';
}
