import { Button } from '@mui/material';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { ProblemNote } from '../../../ui/ProblemNote';
import { Progress } from '../../../ui/Progress';
import { FileAct } from './FileAct';
import { useWork } from './useWork';

type Intake = Schemas['IntakeView'];

/** A file that is being compared, taken in or taken back: how far it has come, and how it goes on if nobody works on it any more. */
export function FileAtWork({ intake }: { intake: Intake }) {
  return (
    <>
      {hasWorker(intake) ? <AtWork task={intake.task} /> : <AtAHalt intake={intake} />}
      <div className="row-of-things">
        {hasWorker(intake) || intake.state === 'taking-back' ? null : <GoOn intake={intake} />}
        {intake.state === 'comparing' ? <FileAct key="away" intake={intake} act="putting-away" /> : null}
        {intake.state === 'taking-in' || (intake.state === 'taking-back' && !hasWorker(intake)) ? (
          <FileAct key="back" intake={intake} act="taking-back" />
        ) : null}
      </div>
    </>
  );
}

/** Is something done, or about to be done, with this file in the background? */
export function hasWorker(intake: Intake): boolean {
  return ['waiting', 'running'].includes(intake.task?.state ?? '');
}

function AtWork({ task }: { task: Intake['task'] }) {
  const { t } = useTranslation();
  const words =
    task === null || task.done === 0
      ? t('files.waiting')
      : task.total === null
        ? t('files.progressOpen', { done: task.done })
        : t('files.progress', { done: task.done, total: task.total });
  return <Progress done={task?.done ?? 0} total={task?.total ?? null} words={words} hint={t('files.away')} />;
}

function AtAHalt({ intake }: { intake: Intake }) {
  const { t } = useTranslation();
  const sentence = intake.task?.state === 'failed' ? intake.task.answer?.['error'] : undefined;
  return (
    <p className={typeof sentence === 'string' ? 'note is-problem' : 'note'}>
      {typeof sentence === 'string' ? `${sentence} ` : null}
      {t('files.halted', { count: intake.counts.read })}
    </p>
  );
}

function GoOn({ intake }: { intake: Intake }) {
  const { t } = useTranslation();
  const work = useWork(intake, intake.state === 'comparing' ? 'comparing' : 'taking-in');
  return (
    <>
      <ProblemNote error={work.error} />
      <Button variant="contained" onClick={work.submit} disabled={work.isSending}>
        {t('files.goOn')}
      </Button>
    </>
  );
}
