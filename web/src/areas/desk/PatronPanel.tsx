import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { loansOfPatron, me } from '../../api/queries';
import { shortDay } from '../../i18n/dates';
import { DueStamp } from '../../ui/DueStamp';
import { Field } from '../../ui/Field';
import { SpineTag } from '../../ui/SpineTag';
import type { LaneState } from './lane';
import { theDesk } from './useDesk';

function LoanLines({ loans, label }: { loans: Schemas['LoanView'][]; label: string }) {
  const now = new Date();
  return (
    <ul aria-label={label}>
      {loans.map((loan) => (
        <li className="loan" key={loan.id}>
          <span>
            <span className="work">{loan.title}</span> <SpineTag callNumber={loan.callNumber} />
          </span>
          <DueStamp due={loan.dueAt} isOverdue={new Date(loan.dueAt) < now} />
        </li>
      ))}
    </ul>
  );
}

/** Who stands at the desk, and what they have. What was lent now is apart from what was lent before. */
export function PatronPanel({ lane, patron }: { lane: LaneState; patron: Schemas['PatronView'] }) {
  const { t } = useTranslation();
  const loans = useQuery(loansOfPatron(patron.id)).data ?? [];
  const mayLendUntil = useQuery(me).data?.permissions.includes('lending.set-due-date') ?? false;
  const lentNow = loans.filter((loan) => new Date(loan.lentAt) >= new Date(lane.since));
  const before = loans.filter((loan) => !lentNow.includes(loan));
  const standing = [
    patron.isExpired ? t('desk.expiredOn', { date: shortDay(patron.expiresOn) }) : null,
    patron.isCardLost ? t('desk.cardLost') : null,
    patron.barredBecause === null ? null : t('desk.barred', { because: patron.barredBecause }),
  ].filter((sentence) => sentence !== null);
  return (
    <aside className="patron-panel" aria-label={patron.name}>
      <header>
        <h2>
          <Link to={`/patrons/${patron.id}`}>{patron.name}</Link>
        </h2>
        <p className="quiet">
          <span className="mono">{patron.cardNumber}</span> · {patron.membershipName}
          {patron.isExpired ? null : ` · ${t('desk.memberUntil', { date: shortDay(patron.expiresOn) })}`}
        </p>
      </header>
      {standing.map((sentence) => (
        <p className="note is-problem" key={sentence}>
          {sentence}
        </p>
      ))}
      {patron.staffNote === null ? null : <p className="note is-lit">{patron.staffNote}</p>}
      <div className="row-of-things">
        <Button variant="outlined" onClick={() => theDesk().end()}>
          {t('desk.end', { name: patron.givenName || patron.name })} (Esc)
        </Button>
      </div>
      {mayLendUntil ? (
        <Field
          name="due-for-all"
          type="date"
          label={t('desk.dueForAll')}
          value={lane.due ?? ''}
          onChange={(due) => theDesk().setDue(due === '' ? null : due)}
        />
      ) : null}
      <section>
        <h3>
          {t('desk.now')} ({lentNow.length})
        </h3>
        <LoanLines loans={lentNow} label={t('desk.now')} />
      </section>
      <section>
        <h3>
          {t('desk.before')} ({before.length})
        </h3>
        <LoanLines loans={before} label={t('desk.before')} />
        {loans.length === 0 ? <p className="quiet">{t('desk.nothingLent', { name: patron.name })}</p> : null}
      </section>
    </aside>
  );
}
