import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { house as houseQuery, journalOf } from '../api/queries';
import { exactTime } from '../i18n/dates';
import { opened } from './told';
import { TakeBackButton } from './TakeBackButton';

type Entry = Schemas['JournalLineView'];

const INSTANT = /^\d{4}-\d{2}-\d{2}T/;

/** Names and values of the journal in the words of the house. */
function useWords() {
  const { t, i18n } = useTranslation();
  const house = useQuery(houseQuery).data;
  const listed = (name: string): { id: number; name: string }[] | undefined =>
    ({
      branchId: house?.branches,
      atBranchId: house?.branches,
      locationId: house?.locations,
      lendingClassId: house?.lendingClasses,
      membershipId: house?.memberships,
    })[name];
  return {
    nameOf: (name: string): string => (i18n.exists(`told.${name}`) ? t(`told.${name}` as 'told.status') : name),
    valueOf: (name: string, value: unknown): string => {
      if (value === null || value === undefined || value === '') return t('told.nothing');
      if (typeof value === 'boolean') return t(value ? 'told.yes' : 'told.no');
      const inList = listed(name)?.find((entry) => entry.id === value);
      if (inList !== undefined) return inList.name;
      if (typeof value === 'string' && name === 'status') return t(`status.${value}` as 'status.lost');
      if (typeof value === 'string') return INSTANT.test(value) ? exactTime(value) : value;
      return Array.isArray(value)
        ? value.map((one) => (typeof one === 'string' ? one : JSON.stringify(one))).join(', ')
        : JSON.stringify(value);
    },
  };
}

/** What an act has changed, name by name. */
export function ChangeList({ entry }: { entry: Entry }) {
  const { t } = useTranslation();
  const { nameOf, valueOf } = useWords();
  const was = entry.before === null ? null : opened(entry.before);
  const is = entry.after === null ? null : opened(entry.after);
  const names = [...new Set([...Object.keys(was ?? {}), ...Object.keys(is ?? {})])];
  const lines = names.flatMap((name) => {
    const after = valueOf(name, is?.[name]);
    const wasTold = was !== null && name in was;
    const isTold = is !== null && name in is;
    if (!wasTold) return after === t('told.nothing') ? [] : [[name, after] as const];
    const before = valueOf(name, was[name]);
    if (!isTold || before === after) return [];
    return [[name, t('reports.was', { before, after })] as const];
  });
  return (
    <>
      {lines.map(([name, text]) => (
        <span className="change" key={name}>
          <b>{nameOf(name)}</b> {text}
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
            {entry.canTakeBack ? <TakeBackButton entry={entry.id} what={t(`acts.${entry.act}` as 'acts.item-lent')} /> : null}
          </li>
        ))}
      </ol>
    </details>
  );
}
