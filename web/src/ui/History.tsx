import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { journalOf } from '../api/queries';
import { exactTime } from '../i18n/dates';

type Entry = Schemas['JournalLineView'];

function shown(value: unknown): string {
  if (value === null || value === undefined || value === '') return '–';
  return typeof value === 'string' ? value : JSON.stringify(value);
}

/** What an act has changed, name by name. */
export function ChangeList({ entry }: { entry: Entry }) {
  const { t } = useTranslation();
  const names = [...new Set([...Object.keys(entry.before ?? {}), ...Object.keys(entry.after ?? {})])];
  const told = names.filter((name) => entry.before !== null || shown(entry.after?.[name]) !== '–');
  return (
    <>
      {told.map((name) => (
        <span className="change" key={name}>
          <b>{name}</b>{' '}
          {entry.before === null
            ? shown(entry.after?.[name])
            : t('reports.was', { before: shown(entry.before[name]), after: shown(entry.after?.[name]) })}
        </span>
      ))}
      {entry.reason === null ? null : <span className="change">{t('reports.because', { reason: entry.reason })}</span>}
    </>
  );
}

/** Who did what to one thing, opened when asked for. */
export function History({ subject }: { subject: string }) {
  const { t } = useTranslation();
  const [isOpen, setIsOpen] = useState(false);
  const entries = useQuery({ ...journalOf(subject), enabled: isOpen }).data?.entries ?? [];
  return (
    <details className="history no-print" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary>{t('catalogue.history')}</summary>
      <ol>
        {entries.map((entry) => (
          <li key={entry.id}>
            {exactTime(entry.at)} · {entry.staff} · {t(`acts.${entry.act}` as 'acts.item-lent')}
            {entry.isTakenBack ? ` (${t('reports.takenBack')})` : ''}
            <ChangeList entry={entry} />
          </li>
        ))}
      </ol>
    </details>
  );
}
