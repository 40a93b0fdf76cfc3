<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

final class NotARecordFile extends \InvalidArgumentException
{
}
