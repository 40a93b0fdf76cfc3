<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * These bytes are no record; the message is the sentence for the librarian.
 */
final class Unreadable extends \RuntimeException
{
}
