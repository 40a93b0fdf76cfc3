<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

/**
 * What is to be done with an item that has come in.
 */
enum NextStep: string
{
    case Shelve = 'shelve';
    case Send = 'send';
    case SetAside = 'set-aside';
}
