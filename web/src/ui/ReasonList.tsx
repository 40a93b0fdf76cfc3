import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { shortDay } from '../i18n/dates';

const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** All reasons of a decision as sentences; those that stand in the way first. */
export function ReasonList({ reasons }: { reasons: Schemas['ReasonView'][] }) {
  const { t } = useTranslation();
  const sorted = [...reasons].sort((a, b) => Number(b.blocks) - Number(a.blocks));
  const figuresOf = (reason: Schemas['ReasonView']) =>
    Object.fromEntries(
      Object.entries(reason.figures).map(([name, value]) => {
        const text = String(value);
        if (name === 'status') return [name, t(`status.${text}` as 'status.lost')];
        return [name, DAY.test(text) ? shortDay(text) : text];
      }),
    );
  return (
    <ul className="reasons">
      {sorted.map((reason) => (
        <li key={reason.code} className={reason.blocks ? 'blocks' : 'tells'}>
          <span className="sign" aria-hidden="true">
            {reason.blocks ? '✕' : 'i'}
          </span>
          <span>{t(`reasons.${reason.code}` as 'reasons.patron-barred', figuresOf(reason))}</span>
        </li>
      ))}
    </ul>
  );
}
