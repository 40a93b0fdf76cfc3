<?php

declare(strict_types=1);

namespace TinLantern\Core\Lending;

enum Outcome: string
{
    case Yes = 'yes';
    case YesWithMessage = 'yes-with-message';
    case Refused = 'refused';
}
