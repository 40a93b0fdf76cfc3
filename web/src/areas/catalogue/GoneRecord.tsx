import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { ApiProblem } from '../../api/client';
import { ProblemNote } from '../../ui/ProblemNote';
import { TakeBackButton } from '../../ui/TakeBackButton';

interface Props {
  error: unknown;
  /** The journal's entry of the removal that was done here. */
  removal: number | null;
  onBack: () => void;
}

/** A title that is no longer here: where it went, and how it comes back. */
export function GoneRecord({ error, removal, onBack }: Props) {
  const { t } = useTranslation();
  const into = error instanceof ApiProblem ? (error.problem as { mergedInto?: number }).mergedInto : undefined;
  return (
    <div className="section">
      {removal === null ? <ProblemNote error={error} /> : <p role="status">{t('merge.removed')}</p>}
      <div className="row-of-things">
        {into === undefined ? null : <Link to={`/catalogue/${into}`}>{t('merge.openKept', { record: into })}</Link>}
        {removal === null ? null : <TakeBackButton entry={removal} what={t('merge.remove')} onDone={onBack} />}
        <Link to="/catalogue">{t('common.back')}</Link>
      </div>
    </div>
  );
}
