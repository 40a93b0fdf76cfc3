import { Button } from '@mui/material';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../../api/client';
import { ProblemNote } from '../../../ui/ProblemNote';
import { OutcomeFields } from './OutcomeFields';
import { useWork } from './useWork';

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
        <OutcomeFields work={work} counts={{ known, new: counts.new }} />
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
