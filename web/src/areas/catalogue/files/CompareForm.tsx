import { Button, Checkbox, FormControlLabel } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { house as houseQuery, matchRules, tidyRules, worksheets } from '../../../api/queries';
import { choicesOf } from '../../../ui/choicesOf';
import { Field } from '../../../ui/Field';
import { ProblemNote } from '../../../ui/ProblemNote';
import { beginningOf, presetChoices } from '../items/presets';
import { OutcomeFields } from './OutcomeFields';
import { useWork } from './useWork';

/** What columns of a list mostly hold. */
const TARGETS = [
  '245$a',
  '245$b',
  '100$a',
  '020$a',
  '022$a',
  '250$a',
  '264$a',
  '264$b',
  '264$c',
  '300$a',
  '490$a',
  '500$a',
  '520$a',
  '650$a',
  'item:barcode',
  'item:branch',
  'item:location',
  'item:lendingClass',
  'item:callNumber',
  'item:copy',
  'item:volume',
  'item:price',
  'item:acquired',
  'item:vendor',
  'item:fund',
  'item:material',
  'item:pieces',
  'item:serialNumber',
  'item:staffNote',
  'item:publicNote',
] as const;

interface Props {
  intake: Schemas['IntakeView'];
  hint?: string;
  children: ReactNode;
}

/** How a file is to be read and compared; beside it, what else can be done with the file. */
export function CompareForm({ intake, hint, children }: Props) {
  const { t } = useTranslation();
  const { data: house } = useQuery(houseQuery);
  const { data: rules } = useQuery(matchRules);
  const { data: tidying } = useQuery(tidyRules);
  const { data: sheets } = useQuery(worksheets);
  const { data: presets } = useQuery(presetChoices);
  const [isAtOnce, setIsAtOnce] = useState(false);
  const work = useWork(intake, isAtOnce ? 'taking-in' : 'comparing');
  const orNone = (entries: { value: string; label: string }[] | undefined) => [{ value: '', label: t('common.none') }, ...(entries ?? [])];
  const choosePreset = (preset: string) => {
    const { values } = beginningOf(presets?.find((one) => one.value === preset)?.content ?? {}, Date.now());
    const { branch, location, lendingClass } = work.choices;
    work.choose({
      preset,
      branch: String(values['branch'] ?? branch),
      location: String(values['location'] ?? location),
      lendingClass: String(values['lendingClass'] ?? lendingClass),
    });
  };
  const field = (name: 'matchRule' | 'items' | 'branch' | 'location' | 'lendingClass' | 'tidyRules' | 'worksheet' | 'preset') => ({
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
      {hint === undefined ? null : <p className="quiet">{hint}</p>}
      <div className="fields">
        <Field {...field('matchRule')} options={choicesOf(rules)} autoFocus />
        <Field {...field('tidyRules')} options={orNone(choicesOf(tidying))} />
        <Field {...field('worksheet')} options={orNone(choicesOf(sheets))} hint={t('files.worksheetHint')} />
        <Field {...field('preset')} onChange={choosePreset} options={orNone(presets)} />
        <Field {...field('branch')} options={choicesOf(house.branches)} />
        <Field {...field('location')} options={choicesOf(house.locations)} />
        <Field {...field('lendingClass')} options={choicesOf(house.lendingClasses)} />
        {intake.headings.length > 0 ? null : <Field {...field('items')} hint={t('files.itemsHint')} />}
      </div>
      {intake.headings.length > 0 ? <Columns intake={intake} work={work} /> : null}
      {intake.state === 'received' ? (
        <FormControlLabel
          control={<Checkbox checked={isAtOnce} onChange={(event) => setIsAtOnce(event.target.checked)} />}
          label={t('files.atOnce')}
        />
      ) : null}
      {isAtOnce ? (
        <div className="fields">
          <OutcomeFields work={work} />
        </div>
      ) : null}
      <ProblemNote error={work.error} />
      <div className="row-of-things">
        <Button type="submit" variant="contained" disabled={work.isSending}>
          {t(isAtOnce ? 'files.compareAndTakeIn' : 'files.compare')}
        </Button>
        {children}
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
            input={{ list: 'column-targets' }}
          />
        ))}
      </div>
      {problem === undefined ? null : <p className="note is-problem">{problem}</p>}
      <datalist id="column-targets">
        {TARGETS.map((target) => (
          <option key={target} value={target}>
            {t(`files.targets.${target}`)}
          </option>
        ))}
      </datalist>
    </fieldset>
  );
}
