<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Platform\Actor;
use TinLantern\Platform\Background\BackgroundWork;
use TinLantern\Platform\Background\Progress;

/**
 * Takes in a file that was compared.
 */
final readonly class TakeInWork implements BackgroundWork
{
    public function __construct(private Intakes $intakes, private TakeInCompared $takeIn, private TakeInDirectly $directly, private IntakeReports $reports)
    {
    }

    public static function kind(): string
    {
        return 'take-in-file';
    }

    public function run(int $subjectId, Actor $actor, Progress $progress): object
    {
        $intake = $this->intakes->get($subjectId);
        if ($intake->goesDirectly() && null !== $intake->path) {
            ($this->directly)($intake, RecordFile::open($intake->path, $intake->fileName, $intake->options->columnMapping()), $actor, static fn (int $done) => $progress->tell($done));
        } elseif ($intake->is(IntakeState::Compared, IntakeState::TakingIn)) {
            ($this->takeIn)($intake, $actor, static fn (int $done) => $progress->tell($done, $intake->recordsRead));
        }

        return $this->reports->counts($subjectId);
    }
}
