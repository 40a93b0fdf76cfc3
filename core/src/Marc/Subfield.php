<?php

declare(strict_types=1);

namespace TinLantern\Core\Marc;

/**
 * One subfield of a data field: a one-character code and its text (UTF-8).
 */
final readonly class Subfield
{
    public function __construct(public string $code, public string $value)
    {
    }
}
