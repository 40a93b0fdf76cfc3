import { Button } from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, inTime } from '../../api/client';
import { Field } from '../../ui/Field';
import { beside } from '../../ui/beside';
import { ProblemNote } from '../../ui/ProblemNote';
import { SideBySide } from '../../ui/SideBySide';
import { STEP_ACTS, STEP_PARTS, type Step } from './ruleKinds';

interface Props {
  steps: Step[];
  onChange: (steps: Step[]) => void;
  error: string | undefined;
}

/** Which parts a step of each kind needs. */
const NEEDS: Record<string, readonly string[]> = {
  remove: ['tags', 'code', 'contains', 'lacks'],
  add: ['text'],
  replace: ['tags', 'code', 'contains', 'lacks', 'text', 'with'],
  move: ['tags', 'contains', 'lacks', 'with'],
};

/** The steps of tidying in their order, and trying them out on a record before they are saved. */
export function TidySteps({ steps, onChange, error }: Props) {
  const { t } = useTranslation();
  const [conditions, setConditions] = useState<number[]>([]);
  const shows = (step: Step, at: number, part: string) =>
    (NEEDS[step['act'] ?? 'remove'] ?? []).includes(part) &&
    ((part !== 'contains' && part !== 'lacks') || conditions.includes(at) || (step[part] ?? '') !== '');
  const set = (at: number, name: string, value: string) =>
    onChange(steps.map((step, index) => (index === at ? { ...step, [name]: value } : step)));
  const move = (at: number, by: number) => {
    const next = [...steps];
    const [step] = next.splice(at, 1);
    if (step !== undefined) next.splice(at + by, 0, step);
    onChange(next);
  };
  return (
    <fieldset className="wide tidy-steps">
      <legend>{t('ruleBook.fields.steps')}</legend>
      {error === undefined ? null : <p className="note is-problem">{error}</p>}
      <ol>
        {steps.map((step, at) => (
          <li key={at}>
            <select
              className="pick"
              aria-label={t('ruleBook.step', { number: at + 1 })}
              value={step['act'] ?? 'remove'}
              onChange={(event) => set(at, 'act', event.target.value)}
            >
              {STEP_ACTS.map((act) => (
                <option key={act} value={act}>
                  {t(`ruleBook.acts.${act}`)}
                </option>
              ))}
            </select>
            {STEP_PARTS.filter((part) => shows(step, at, part)).map((part) => (
              <Field
                key={part}
                name={`step-${at}-${part}`}
                label={t(`ruleBook.parts.${part}`)}
                value={step[part] ?? ''}
                onChange={(value) => set(at, part, value)}
              />
            ))}
            <span className="row-of-things">
              {step['act'] === 'add' || conditions.includes(at) ? null : (
                <Button
                  size="small"
                  aria-label={t('ruleBook.conditionOf', { number: at + 1 })}
                  onClick={() => setConditions([...conditions, at])}
                >
                  {t('ruleBook.condition')}
                </Button>
              )}
              <Button size="small" disabled={at === 0} aria-label={t('ruleBook.up', { number: at + 1 })} onClick={() => move(at, -1)}>
                ↑
              </Button>
              <Button
                size="small"
                disabled={at === steps.length - 1}
                aria-label={t('ruleBook.down', { number: at + 1 })}
                onClick={() => move(at, 1)}
              >
                ↓
              </Button>
              <Button
                size="small"
                aria-label={t('ruleBook.removeStep', { number: at + 1 })}
                onClick={() => onChange(steps.filter((_, index) => index !== at))}
              >
                {t('ruleBook.remove')}
              </Button>
            </span>
          </li>
        ))}
      </ol>
      <Button variant="outlined" onClick={() => onChange([...steps, { act: 'remove', tags: '' }])}>
        {t('ruleBook.addStep')}
      </Button>
      <TryOut steps={steps} />
    </fieldset>
  );
}

/** What the steps, as they stand here, would do to a record of the catalogue. Nothing is saved. */
function TryOut({ steps }: { steps: Step[] }) {
  const { t } = useTranslation();
  const [record, setRecord] = useState('');
  const trying = useMutation({
    mutationFn: async () => {
      const { text } = await answered(api.GET('/api/records/{id}/text', { params: { path: { id: Number(record) } }, signal: inTime() }));
      const tidied = await answered(
        api.POST('/api/take-over-previews', { body: { text, tidy: 'none', steps, as: 'new', record: null }, signal: inTime() }),
      );
      return { before: text, ...tidied };
    },
  });
  return (
    <div className="try-out">
      <div className="row-of-things">
        <Field name="try-record" label={t('ruleBook.tryOn')} value={record} onChange={setRecord} type="number" />
        <Button variant="outlined" disabled={record === '' || trying.isPending} onClick={() => trying.mutate()}>
          {t('ruleBook.tryOut')}
        </Button>
      </div>
      <ProblemNote error={trying.error} />
      {trying.data === undefined ? null : (
        <>
          <p role="status">{t('sources.tidied', { count: trying.data.tidied.length })}</p>
          <ul className="plain mono">
            {trying.data.tidied.map((line, index) => (
              <li key={index}>{line}</li>
            ))}
          </ul>
          <SideBySide left={t('sources.asItCame')} right={t('sources.becomes')} pairs={beside(trying.data.before, trying.data.text)} />
        </>
      )}
    </div>
  );
}
