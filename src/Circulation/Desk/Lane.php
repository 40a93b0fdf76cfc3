<?php

declare(strict_types=1);

namespace TinLantern\Circulation\Desk;

/**
 * What a scanned item will do at the desk.
 */
enum Lane: string
{
    case Lend = 'lend';
    case Return = 'return';
    case LookUp = 'look-up';
}
