import { Button } from '@mui/material';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { Field } from '../../../ui/Field';
import { ProblemNote } from '../../../ui/ProblemNote';
import { useWork } from './useWork';

const ON_MATCH = ['replace', 'merge', 'items', 'keep', 'skip'] as const;
const ON_NEW = ['add', 'skip'] as const;

interface Props {
  intake: Schemas['IntakeView'];
  hint: string | undefined;
  children: ReactNode;
}

/** What happens to the records of a file that was compared; beside it, what else can be done with the file. */
export function TakeInForm({ intake, hint, children }: Props) {
  const { t } = useTranslation();
  const work = useWork(intake, 'taking-in');
  const { counts } = intake;
  const known = counts.matched + counts.again;
  const goesIn = (work.choices.onNew === 'skip' ? 0 : counts.new) + (work.choices.onMatch === 'skip' ? 0 : known);
  return (
    <form
      className="sheet"
      onSubmit={(event) => {
        event.preventDefault();
        work.submit();
      }}
    >
      {hint === undefined ? null : <p className="note is-lit">{hint}</p>}
      <div className="fields">
        <Field
          name="onMatch"
          label={`${t('files.onMatch')} (${known})`}
          value={work.choices.onMatch}
          onChange={(value) => work.choose({ onMatch: ON_MATCH.find((one) => one === value) ?? 'skip' })}
          options={ON_MATCH.map((value) => ({ value, label: t(`files.choices.${value}`) }))}
        />
        <Field
          name="onNew"
          label={`${t('files.onNew')} (${counts.new})`}
          value={work.choices.onNew}
          onChange={(value) => work.choose({ onNew: ON_NEW.find((one) => one === value) ?? 'add' })}
          options={ON_NEW.map((value) => ({ value, label: t(`files.choices.${value}`) }))}
        />
        {work.choices.onMatch === 'merge' ? (
          <Field
            name="keptFields"
            label={t('files.keptFields')}
            value={work.choices.keptFields.join(', ')}
            onChange={(value) =>
              work.choose({ keptFields: value.split(/\s*,\s*/).filter((tag, index, all) => tag !== '' || index === all.length - 1) })
            }
            error={work.sentence('keptFields')}
          />
        ) : null}
      </div>
      <ProblemNote error={work.error} />
      <div className="row-of-things">
        <Button type="submit" variant="contained" disabled={work.isSending}>
          {t('files.takeIn', { count: goesIn })}
        </Button>
        {children}
      </div>
    </form>
  );
}
