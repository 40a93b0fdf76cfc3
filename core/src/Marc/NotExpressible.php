<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * A record that a format cannot carry: too long for ISO 2709, or with characters that XML does not allow.
 */
final class NotExpressible extends \RuntimeException
{
}
