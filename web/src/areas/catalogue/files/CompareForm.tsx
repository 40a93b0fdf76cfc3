import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { house as houseQuery, matchRules } from '../../../api/queries';
import { Field } from '../../../ui/Field';
import { ProblemNote } from '../../../ui/ProblemNote';
import { useWork } from './useWork';

/** How a file is to be read and compared. */
export function CompareForm({ intake }: { intake: Schemas['IntakeView'] }) {
  const { t } = useTranslation();
  const { data: house } = useQuery(houseQuery);
  const { data: rules } = useQuery(matchRules);
  const work = useWork(intake, 'comparing');
  const listed = (entries: { code: string; name: string }[] | undefined) =>
    (entries ?? []).map((entry) => ({ value: entry.code, label: entry.name }));
  const field = (name: 'matchRule' | 'items' | 'branch' | 'location' | 'lendingClass') => ({
    name,
    label: t(`files.${name}`),
    value: work.choices[name],
    onChange: (value: string) => work.choose({ [name]: value }),
    error: work.sentence(name),
  });
  if (house === undefined || rules === undefined) return <p className="quiet">{t('common.loading')}</p>;
  return (
    <form
      className="sheet"
      onSubmit={(event) => {
        event.preventDefault();
        work.submit();
      }}
    >
      <div className="fields">
        <Field {...field('matchRule')} options={listed(rules)} autoFocus />
        <Field {...field('branch')} options={listed(house.branches)} />
        <Field {...field('location')} options={listed(house.locations)} />
        <Field {...field('lendingClass')} options={listed(house.lendingClasses)} />
        {intake.headings.length > 0 ? null : <Field {...field('items')} hint={t('files.itemsHint')} />}
      </div>
      {intake.headings.length > 0 ? <Columns intake={intake} work={work} /> : null}
      <ProblemNote error={work.error} />
      <div className="row-of-things">
        <Button type="submit" variant="contained" disabled={work.isSending}>
          {t('files.compare')}
        </Button>
      </div>
    </form>
  );
}

function Columns({ intake, work }: { intake: Schemas['IntakeView']; work: ReturnType<typeof useWork> }) {
  const { t } = useTranslation();
  const columns: Record<string, string> = work.choices.columns ?? intake.columns;
  const problem = work.sentence('columns');
  return (
    <fieldset className="column-meanings">
      <legend>{t('files.columnsTitle')}</legend>
      <p className="quiet">{t('files.columnsHint')}</p>
      <div className="fields">
        {intake.headings.map((heading, index) => (
          <Field
            key={index}
            name={`column-${index}`}
            label={heading === '' ? `${index + 1}` : heading}
            value={columns[heading] ?? ''}
            onChange={(value) => work.choose({ columns: { ...columns, [heading]: value } })}
          />
        ))}
      </div>
      {problem === undefined ? null : <p className="note is-problem">{problem}</p>}
    </fieldset>
  );
}
