<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Platform\Actor;
use TinLantern\Platform\Background\BackgroundWork;
use TinLantern\Platform\Background\Progress;

/**
 * Takes back a file that was taken in.
 */
final readonly class TakeBackWork implements BackgroundWork
{
    public function __construct(private Intakes $intakes, private TakeBackIntake $takeBack)
    {
    }

    public static function kind(): string
    {
        return 'take-back-file';
    }

    public function run(int $subjectId, Actor $actor, Progress $progress): object
    {
        $intake = $this->intakes->get($subjectId);
        if ($intake->is(IntakeState::TakenBack)) {
            return $this->takeBack->report($subjectId);
        }

        return ($this->takeBack)($subjectId, $actor, static fn (int $done) => $progress->tell($done, $intake->recordsRead));
    }
}
