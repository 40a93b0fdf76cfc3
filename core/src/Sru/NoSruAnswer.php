<?php

declare(strict_types=1);

namespace TinLantern\Core\Sru;

/**
 * Something came back that no SRU server says.
 */
final class NoSruAnswer extends \RuntimeException
{
}
