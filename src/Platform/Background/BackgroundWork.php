<?php

declare(strict_types=1);

namespace TinLantern\Platform\Background;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use TinLantern\Platform\Actor;

/**
 * A long task of one kind. It notes in the database how far it has come, so that it can be run again after being killed and goes on
 * where it was, doing nothing twice.
 */
#[AutoconfigureTag]
interface BackgroundWork
{
    public static function kind(): string;

    /** @return object what came of it, for the one who asked */
    public function run(int $subjectId, Actor $actor, Progress $progress): object;
}
