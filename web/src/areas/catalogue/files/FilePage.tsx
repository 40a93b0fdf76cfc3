import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../../api/client';
import { intake as intakeQuery } from '../../../api/queries';
import { ListDetail } from '../../../ui/ListDetail';
import { ProblemNote } from '../../../ui/ProblemNote';
import { Progress } from '../../../ui/Progress';
import { CatalogueTabs } from '../CatalogueTabs';
import { CompareForm } from './CompareForm';
import { FileRecord } from './FileRecord';
import { FileRecords } from './FileRecords';
import { TakeInForm } from './TakeInForm';
import { TakeBackFile } from './TakeBackFile';
import { TakenIn } from './TakenIn';

const MOVING = ['comparing', 'taking-in', 'taking-back'];

/** One file: how it is compared, what comparing has found, and what has become of it. */
export default function FilePage() {
  const { t } = useTranslation();
  const client = useQueryClient();
  const params = useParams();
  const id = Number(params['id'] ?? 0);
  const place = Number(params['place'] ?? 0);
  const { data: intake, error } = useQuery({
    ...intakeQuery(id),
    // What was found is counted each time: the larger the file, the seldomer.
    refetchInterval: (query) => (isWorking(query.state.data) ? Math.max(700, (query.state.data?.counts.read ?? 0) / 100) : false),
  });
  const state = intake?.state;
  useEffect(() => {
    void client.invalidateQueries({ queryKey: ['intake-records', id] });
    if (state === 'taken-in' || state === 'taken-back') void client.invalidateQueries({ queryKey: ['records'] });
  }, [client, id, state]);
  if (intake === undefined) return error === null ? <p className="quiet">{t('common.loading')}</p> : <ProblemNote error={error} />;
  const hasRecords = intake.state !== 'received' && intake.counts.read > 0;
  return (
    <div className="area">
      <CatalogueTabs />
      <header className={hasRecords ? 'file-head' : 'file-head is-alone'}>
        <Link to="/catalogue/files">← {t('files.title')}</Link>
        <h1>{intake.file}</h1>
        <p className="quiet">
          {t(`files.formats.${intake.format}` as 'files.formats.marc')} · {t(`files.states.${intake.state}` as 'files.states.compared')}
        </p>
        {intake.before === null || intake.state !== 'received' ? null : (
          <p className="note is-lit">
            {t('files.before')} <Link to={`/catalogue/files/${intake.before}`}>{t('files.beforeLink')}</Link>
          </p>
        )}
        {intake.task?.state === 'failed' ? <p className="note is-problem">{failure(intake.task)}</p> : null}
        {isWorking(intake) ? <Working task={intake.task} /> : null}
        {intake.state === 'taking-in' ? <TakeBackFile intake={intake} /> : null}
        {intake.state === 'received' && !isWorking(intake) ? <CompareForm intake={intake} /> : null}
        {intake.state === 'compared' && !isWorking(intake) ? <TakeInForm intake={intake} /> : null}
        {intake.state === 'taken-in' || intake.state === 'taken-back' ? <TakenIn intake={intake} /> : null}
      </header>
      {hasRecords ? (
        <ListDetail
          showsDetail={place > 0}
          list={<FileRecords intake={intake} selected={place} />}
          detail={place > 0 ? <FileRecord key={place} intake={intake} place={place} /> : <p className="empty">{t('files.pickOne')}</p>}
        />
      ) : null}
    </div>
  );
}

function isWorking(intake: Schemas['IntakeView'] | undefined): boolean {
  if (intake === undefined) return false;
  return MOVING.includes(intake.state) || ['waiting', 'running'].includes(intake.task?.state ?? '');
}

function failure(task: Schemas['TaskView']): string {
  const sentence = task.answer?.['error'];
  return typeof sentence === 'string' ? sentence : '';
}

function Working({ task }: { task: Schemas['TaskView'] | null }) {
  const { t } = useTranslation();
  const words =
    task === null || task.done === 0
      ? t('files.waiting')
      : task.total === null
        ? t('files.progressOpen', { done: task.done })
        : t('files.progress', { done: task.done, total: task.total });
  return <Progress done={task?.done ?? 0} total={task?.total ?? null} words={words} hint={t('files.away')} />;
}
