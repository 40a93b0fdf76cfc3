<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

/** One of two processes that hand on batches has ended before the other. */
final class CutShort extends \RuntimeException
{
}
