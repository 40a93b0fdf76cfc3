import { useCallback } from 'react';
import { useTranslation } from 'react-i18next';
import { answered, api, type Schemas } from '../../api/client';
import { en } from '../../i18n/en';
import { exactTime } from '../../i18n/dates';
import { ChangeList } from '../../ui/History';
import { type Column, Lines } from '../../ui/Lines';
import { MoreButton } from '../../ui/MoreButton';
import { ProblemNote } from '../../ui/ProblemNote';
import { SearchBox } from '../../ui/SearchBox';
import { TakeBackButton } from '../../ui/TakeBackButton';
import { useFilters } from '../../ui/useFilters';
import { useLongList } from '../../ui/useLongList';

type Entry = Schemas['JournalLineView'];

/** Who did what, newest first. */
export default function JournalPage() {
  const { t } = useTranslation();
  const filters = useFilters();
  const filter = filters.only(['act', 'staff', 'subject']);
  const found = useLongList(
    ['journal', 'all', filter],
    (from: { after?: number }) => answered(api.GET('/api/journal-entries', { params: { query: { filter, ...from } } })),
    (page) => page.entries,
  );
  const { set } = filters;
  const search = useCallback((typed: string) => set({ staff: typed }), [set]);
  const entries = found.lines;
  const actOf = (entry: Entry) => t(`acts.${entry.act}` as 'acts.item-lent');
  const subjectOf = (entry: Entry) => `${t(`subjects.${entry.subject}` as 'subjects.item')} ${entry.subjectId}`;
  const columns: Column<Entry>[] = [
    { key: 'at', label: t('reports.columns.at'), cell: (entry) => exactTime(entry.at), text: (entry) => entry.at },
    {
      key: 'staff',
      label: t('reports.columns.staff'),
      cell: (entry) => (
        <>
          {entry.staff}
          <span className="change">
            {entry.branch} {entry.desk}
          </span>
        </>
      ),
      text: (entry) => entry.staff,
    },
    {
      key: 'act',
      label: t('reports.columns.act'),
      cell: (entry) => (entry.isTakenBack ? `${actOf(entry)} (${t('reports.takenBack')})` : actOf(entry)),
      text: actOf,
    },
    { key: 'subject', label: t('reports.columns.subject'), cell: subjectOf, text: subjectOf },
    {
      key: 'change',
      label: t('reports.columns.change'),
      cell: (entry) => (
        <>
          <ChangeList entry={entry} />
          {entry.canTakeBack ? <TakeBackButton entry={entry.id} what={`${actOf(entry)}, ${subjectOf(entry)}`} /> : null}
        </>
      ),
      text: (entry) => JSON.stringify({ before: entry.before, after: entry.after }),
    },
  ];
  return (
    <div className="page" style={{ maxWidth: 'none' }}>
      <h1>{t('reports.journal')}</h1>
      <p className="quiet">{t('reports.journalHint')}</p>
      <div className="list-search no-print" style={{ paddingInline: 0 }}>
        <SearchBox label={t('reports.staffFilter')} value={filters.get('staff')} onSearch={search} />
        <select
          className="pick"
          aria-label={t('reports.actFilter')}
          value={filters.get('act')}
          onChange={(event) => set({ act: event.target.value })}
        >
          <option value="">
            {t('reports.actFilter')}: {t('common.any')}
          </option>
          {Object.entries(en.acts).map(([act, name]) => (
            <option key={act} value={act}>
              {name}
            </option>
          ))}
        </select>
      </div>
      <ProblemNote error={found.error} />
      <div className="sheet">
        <Lines name="journal" label={t('reports.journal')} columns={columns} lines={entries} keyOf={(entry) => entry.id} />
      </div>
      {found.first !== undefined && entries.length === 0 ? <p className="empty">{t('reports.nothing')}</p> : null}
      <MoreButton list={found.list} />
    </div>
  );
}
