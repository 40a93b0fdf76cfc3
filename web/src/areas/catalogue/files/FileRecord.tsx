import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useLocation } from 'react-router';
import { answered, api, inTime, type Schemas } from '../../../api/client';
import { newActId } from '../../../api/ids';
import { intakeRecord } from '../../../api/queries';
import { LikenessParts } from '../../../ui/LikenessParts';
import { ProblemNote } from '../../../ui/ProblemNote';
import { SideBySide } from '../../../ui/SideBySide';

interface Props {
  intake: Schemas['IntakeView'];
  place: number;
}

/** One record of a file beside the one that it matches, and what is chosen for it. */
export function FileRecord({ intake, place }: Props) {
  const { t } = useTranslation();
  const location = useLocation();
  const { data: record, error } = useQuery(intakeRecord(intake.id, place));
  if (record === undefined) return error === null ? <p className="quiet">{t('common.loading')}</p> : <ProblemNote error={error} />;
  const { line } = record;
  const isTreated = intake.choices.tidyRules !== '' || intake.choices.worksheet !== '';
  return (
    <article>
      <Link className="detail-back" to={{ pathname: `/catalogue/files/${intake.id}`, search: location.search }}>
        ← {t('common.back')}
      </Link>
      <h2 className="work">{line.title === '' ? `${t('files.place')} ${line.place}` : line.title}</h2>
      {line.said.map((sentence) => (
        <p key={sentence} className={['broken', 'unfit'].includes(line.kind) ? 'note is-problem' : 'note is-lit'}>
          {sentence}
        </p>
      ))}
      {line.match === null ? null : (
        <p>
          {t('files.matched', { on: t(`files.matchedOn.${line.matchedOn ?? 'title'}` as 'files.matchedOn.title'), record: line.match })}{' '}
          <Link to={`/catalogue/${line.match}`}>{t('files.openOurs')}</Link>
        </p>
      )}
      {line.record === null || line.record === line.match ? null : (
        <p>
          <Link to={`/catalogue/${line.record}`}>{t('files.openRecord')}</Link>
        </p>
      )}
      {intake.state === 'compared' && record.pairs.length > 0 && line.kind !== 'unfit' ? <Choice intake={intake} line={line} /> : null}
      {record.likeness.length > 0 ? <LikenessParts parts={record.likeness} score={line.likeness} /> : null}
      {record.pairs.length > 0 ? (
        <SideBySide left={t('files.ours')} right={t(isTreated ? 'files.becomes' : 'files.theirs')} pairs={record.pairs} />
      ) : null}
      {record.raw === null ? null : <pre className="marc raw">{record.raw}</pre>}
    </article>
  );
}

function Choice({ intake, line }: { intake: Schemas['IntakeView']; line: Schemas['IntakeRecordLineView'] }) {
  const { t } = useTranslation();
  const client = useQueryClient();
  const choosing = useMutation({
    mutationFn: (choice: Schemas['RecordChoice']['choice']) =>
      answered(
        api.PUT('/api/intakes/{id}/records/{place}', {
          params: { path: { id: intake.id, place: line.place } },
          body: { id: newActId(), choice: choice ?? null },
          signal: inTime(),
        }),
      ),
    onSuccess: (view) => {
      client.setQueryData(intakeRecord(intake.id, line.place).queryKey, view);
      void client.invalidateQueries({ queryKey: ['intake-records', intake.id] });
    },
  });
  const choices =
    line.match === null && line.sameAs === null ? (['add', 'skip'] as const) : (['replace', 'merge', 'items', 'keep', 'skip'] as const);
  return (
    <p>
      <label>
        {t('files.chooseHere')}{' '}
        <select
          className="pick"
          value={line.choice ?? ''}
          onChange={(event) => choosing.mutate(choices.find((one) => one === event.target.value) ?? null)}
        >
          <option value="">{t('files.choices.asFile')}</option>
          {choices.map((choice) => (
            <option key={choice} value={choice}>
              {t(`files.choices.${choice}`)}
            </option>
          ))}
        </select>
      </label>
      <ProblemNote error={choosing.error} />
    </p>
  );
}
