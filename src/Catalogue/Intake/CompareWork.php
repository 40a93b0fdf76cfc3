<?php

declare(strict_types=1);

namespace TinLantern\Catalogue\Intake;

use TinLantern\Platform\Actor;
use TinLantern\Platform\Background\BackgroundWork;
use TinLantern\Platform\Background\Progress;
use TinLantern\Platform\Problem\Conflict;
use TinLantern\Platform\Problem\NotFound;

/**
 * Compares a file that was received.
 */
final readonly class CompareWork implements BackgroundWork
{
    public function __construct(private Intakes $intakes, private CompareFile $compare, private IntakeReports $reports)
    {
    }

    public static function kind(): string
    {
        return 'compare-file';
    }

    public function run(int $subjectId, Actor $actor, Progress $progress): object
    {
        $intake = $this->intakes->get($subjectId);
        if ($intake->is(IntakeState::Comparing)) {
            $file = RecordFile::open($intake->path ?? throw NotFound::of('file of intake', $subjectId), $intake->fileName, $intake->options->columnMapping());
            try {
                ($this->compare)($intake, $file, static fn (int $read) => $progress->tell($read));
            } catch (Conflict $conflict) {
                // A file that was put away meanwhile need not be compared to its end.
                $this->intakes->get($subjectId)->is(IntakeState::PutAway) || throw $conflict;
            }
        }

        return $this->reports->counts($subjectId);
    }
}
