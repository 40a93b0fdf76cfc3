import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../../api/client';
import { intake as intakeQuery } from '../../../api/queries';
import { exactTime } from '../../../i18n/dates';
import { ListDetail } from '../../../ui/ListDetail';
import { ProblemNote } from '../../../ui/ProblemNote';
import { CatalogueTabs } from '../CatalogueTabs';
import { CompareForm } from './CompareForm';
import { FileAct } from './FileAct';
import { FileAtWork, hasWorker } from './FileAtWork';
import { FileCompared } from './FileCompared';
import { FileRecord } from './FileRecord';
import { FileRecords } from './FileRecords';
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
    refetchInterval: (query) => (isWorkedOn(query.state.data) ? Math.max(700, (query.state.data?.counts.read ?? 0) / 100) : false),
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
          {intake.state === 'compared' && intake.comparedAt !== null
            ? ` · ${t('files.comparedAt', { when: exactTime(intake.comparedAt) })}`
            : null}
        </p>
        {intake.before === null || intake.state !== 'received' ? null : (
          <p className="note is-lit">
            {t('files.before')} <Link to={`/catalogue/files/${intake.before}`}>{t('files.beforeLink')}</Link>
          </p>
        )}
        {intake.state === 'received' ? (
          <CompareForm intake={intake}>
            <FileAct intake={intake} act="putting-away" />
          </CompareForm>
        ) : null}
        {isWorkedOn(intake) ? <FileAtWork intake={intake} /> : null}
        {intake.state === 'compared' && !isWorkedOn(intake) ? <FileCompared intake={intake} /> : null}
        {['taken-in', 'taken-back'].includes(intake.state) && !isWorkedOn(intake) ? <TakenIn intake={intake} /> : null}
        {intake.state === 'put-away' ? <PutAway intake={intake} /> : null}
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

/** Is it between two states, or about to leave one? */
function isWorkedOn(intake: Schemas['IntakeView'] | undefined): boolean {
  if (intake === undefined || intake.state === 'put-away') return false;
  return MOVING.includes(intake.state) || hasWorker(intake);
}

function PutAway({ intake }: { intake: Schemas['IntakeView'] }) {
  const { t } = useTranslation();
  return (
    <div className="sheet panel">
      <p>{t('files.putAway')}</p>
      <div className="row-of-things">
        <FileAct intake={intake} act="taking-up" />
      </div>
    </div>
  );
}
