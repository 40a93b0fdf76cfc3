import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { endedLoansOfPatron, house as houseQuery, loansOfPatron, me, patron as patronQuery } from '../../api/queries';
import { exactTime, shortDay } from '../../i18n/dates';
import { DueStamp } from '../../ui/DueStamp';
import { History } from '../../ui/History';
import { ProblemNote } from '../../ui/ProblemNote';
import { SpineTag } from '../../ui/SpineTag';
import { theDesk } from '../desk/useDesk';
import { PatronForm } from './PatronForm';

/** One patron: who they are, what they have and had. */
export function PatronDetail({ id }: { id: number }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const location = useLocation();
  const { data: patron, error } = useQuery(patronQuery(id));
  const permissions = useQuery(me).data?.permissions ?? [];
  const [isEdited, setIsEdited] = useState(false);
  if (patron === undefined) return error === null ? <p className="quiet">{t('common.loading')}</p> : <ProblemNote error={error} />;
  return (
    <article>
      <Link className="detail-back" to={{ pathname: '/patrons', search: location.search }}>
        ← {t('common.back')}
      </Link>
      <div className="detail-head">
        <div>
          <h1>{patron.name}</h1>
          <p className="quiet">
            <span className="mono">{patron.cardNumber}</span> · {patron.membershipName},{' '}
            {patron.isExpired
              ? t('desk.expiredOn', { date: shortDay(patron.expiresOn) })
              : t('patrons.until', { date: shortDay(patron.expiresOn) })}
          </p>
        </div>
        <div className="row-of-things no-print">
          {permissions.includes('lending.lend') ? (
            <Button
              variant="contained"
              onClick={() => {
                theDesk().lendTo(patron);
                void navigate('/desk');
              }}
            >
              {t('patrons.lendTo', { name: patron.givenName || patron.name })}
            </Button>
          ) : null}
          {permissions.includes('patrons.edit') && !isEdited ? (
            <Button variant="outlined" onClick={() => setIsEdited(true)}>
              {t('patrons.edit')}
            </Button>
          ) : null}
        </div>
      </div>
      {patron.barredBecause === null ? null : <p className="note is-problem">{t('desk.barred', { because: patron.barredBecause })}</p>}
      {patron.isCardLost ? <p className="note is-problem">{t('desk.cardLost')}</p> : null}
      {patron.staffNote === null ? null : <p className="note is-lit">{patron.staffNote}</p>}
      {isEdited ? (
        <PatronForm patron={patron} onClose={() => setIsEdited(false)} onSaved={() => setIsEdited(false)} />
      ) : (
        <Facts patron={patron} />
      )}
      <Loans patron={patron} />
      {permissions.includes('journal.view') ? (
        <section className="section">
          <History subject={`patron:${patron.id}`} />
        </section>
      ) : null}
    </article>
  );
}

function Facts({ patron }: { patron: Schemas['PatronView'] }) {
  const { t } = useTranslation();
  const branches = useQuery(houseQuery).data?.branches ?? [];
  const facts: [string, string | null][] = [
    [t('patrons.fields.branch'), branches.find((branch) => branch.code === patron.branch)?.name ?? patron.branch],
    [t('patrons.fields.birthDate'), patron.birthDate === null ? null : shortDay(patron.birthDate)],
    [t('patrons.fields.email'), patron.email],
    [t('patrons.fields.phone'), patron.phone],
    [t('patrons.fields.address'), patron.address],
  ];
  return (
    <dl className="facts section">
      {facts.map(([name, value]) =>
        value === null ? null : (
          <div key={name} style={{ display: 'contents' }}>
            <dt>{name}</dt>
            <dd>{value}</dd>
          </div>
        ),
      )}
    </dl>
  );
}

function Loans({ patron }: { patron: Schemas['PatronView'] }) {
  const { t } = useTranslation();
  const open = useQuery(loansOfPatron(patron.id));
  const ended = useQuery(endedLoansOfPatron(patron.id)).data?.loans ?? [];
  const now = new Date();
  return (
    <>
      <section className="section">
        <h2>
          {t('patrons.loans')} {open.data === undefined ? '' : `(${open.data.length})`}
        </h2>
        <ProblemNote error={open.error} />
        {open.data?.length === 0 ? <p className="quiet">{t('patrons.noLoans', { name: patron.name })}</p> : null}
        <ul>
          {open.data?.map((loan) => (
            <li className="item-line" key={loan.id}>
              <div className="about">
                <Link className="work" to={`/catalogue/${loan.recordId}`}>
                  {loan.title}
                </Link>
                <span className="row-of-things">
                  <SpineTag callNumber={loan.callNumber} />
                  <span className="mono quiet">{loan.barcode}</span>
                  {loan.renewals > 0 ? <span className="quiet">{t('patrons.renewed', { count: loan.renewals })}</span> : null}
                </span>
              </div>
              <DueStamp due={loan.dueAt} isOverdue={new Date(loan.dueAt) < now} />
            </li>
          ))}
        </ul>
      </section>
      <section className="section">
        <h2>{t('patrons.ended')}</h2>
        {ended.length === 0 ? <p className="quiet">{t('patrons.noEnded')}</p> : null}
        <ul>
          {ended.map((loan) => (
            <li className="item-line" key={loan.id}>
              <div className="about">
                <Link className="work" to={`/catalogue/${loan.recordId}`}>
                  {loan.title}
                </Link>
                <SpineTag callNumber={loan.callNumber} />
              </div>
              <span className="quiet" title={loan.returnedAt === null ? '' : exactTime(loan.returnedAt)}>
                {shortDay(loan.lentAt)} – {loan.returnedAt === null ? '' : shortDay(loan.returnedAt)}
              </span>
            </li>
          ))}
        </ul>
      </section>
    </>
  );
}
