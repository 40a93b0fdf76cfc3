import { useTranslation } from 'react-i18next';
import { ApiProblem } from '../api/client';

/** What went wrong, in the sentence that the server gave for it. */
export function ProblemNote({ error }: { error: unknown }) {
  const { t } = useTranslation();
  if (error === null || error === undefined) return null;
  return (
    <p className="note is-problem" role="alert">
      {error instanceof ApiProblem ? error.message : t('common.noAnswer')}
    </p>
  );
}
